import { FirmFunction, inOrderOfFunctions } from '../firm/functions';
import { RECORD_WAYS, RecordWay } from '../time/ways';

/** Where a firm's people work. */
export const PLACES = ['office', 'field', 'both'] as const;
export type Place = (typeof PLACES)[number];

/** How many people a firm has: its founder alone, a few who know each other's work, or more. */
export const SIZES = ['one', 'few', 'more'] as const;
export type Size = (typeof SIZES)[number];

/** What a firm's people do. */
export const TRADES = [
  ...(['general', 'survey', 'design', 'building', 'repair', 'upkeep'] as const),
  ...(['advice', 'accounts', 'software', 'research'] as const),
] as const;
export type Trade = (typeof TRADES)[number];

/** What a firm says of itself, as far as it has said it. */
export interface Shape {
  readonly place: Place | null;
  readonly size: Size | null;
  readonly trade: Trade | null;
}

/** A service that a firm begins with. */
export interface FirstService {
  readonly code: string;
  readonly name: string;
  readonly kind: 'direct' | 'indirect';
  readonly billable: boolean;
}

const sold = (code: string, name: string): FirstService => ({ code, name, kind: 'direct', billable: true });
const TRAVEL = sold('TRAVEL', 'Travel');
const MEET = sold('MEET', 'Meeting');
/** What no client pays for; every firm has it. */
const OFFICE: FirstService = { code: 'OFFICE', name: 'Office work', kind: 'indirect', billable: false };

/** What is sold in a trade, and what its first projects are usually called. */
interface Usual {
  readonly services: readonly FirstService[];
  readonly projects: readonly string[];
}

const usual = (services: readonly FirstService[], ...projects: string[]): Usual => ({
  services: [...services, OFFICE],
  projects,
});

/** Common practice, not a standard: what firms of a trade tell apart on their invoices. */
const USUAL: Readonly<Record<Trade, Usual>> = {
  general: usual([sold('WORK', 'Project work'), MEET, TRAVEL]),
  survey: usual(
    [sold('SITE', 'Site survey'), sold('DRAW', 'Drawing'), sold('CALC', 'Calculation'), sold('REPORT', 'Report'), TRAVEL],
    'Survey',
    'Report',
  ),
  design: usual(
    [sold('CONCEPT', 'Concept'), sold('DRAW', 'Drawing'), sold('SITE', 'Site visit'), MEET, TRAVEL],
    'Concept',
    'Drawings',
  ),
  building: usual(
    [sold('LABOUR', 'Work on site'), sold('SHOP', 'Workshop'), sold('FETCH', 'Fetching materials'), TRAVEL],
    'Repair',
  ),
  repair: usual(
    [sold('INSTALL', 'Installation'), sold('REPAIR', 'Repair'), sold('CALL', 'Call-out'), TRAVEL],
    'Installation',
    'Call-outs',
  ),
  upkeep: usual([sold('UPKEEP', 'Upkeep'), sold('CLEAN', 'Cleaning'), sold('GARDEN', 'Garden work'), TRAVEL], 'Upkeep'),
  advice: usual([sold('ADVICE', 'Advice'), sold('ENQUIRE', 'Enquiry'), sold('WRITE', 'Writing'), MEET, TRAVEL], 'Advice'),
  accounts: usual(
    [sold('ADVICE', 'Advice'), sold('BOOKS', 'Bookkeeping'), sold('RETURN', 'Returns and accounts'), MEET],
    'Bookkeeping',
    'Yearly accounts',
  ),
  software: usual(
    [sold('BUILD', 'Development'), sold('DESIGN', 'Design'), sold('TEST', 'Testing'), sold('SUPPORT', 'Support'), MEET],
    'Development',
    'Support',
  ),
  research: usual(
    [sold('LAB', 'Laboratory'), sold('FIELD', 'Field work'), sold('EVAL', 'Evaluation'), sold('WRITE', 'Writing'), TRAVEL],
    'Study',
  ),
};

/** The services that a firm of a trade begins with; one that has not said its trade begins with the general ones. */
export function firstServices(trade: Trade | null): readonly FirstService[] {
  return USUAL[trade ?? 'general'].services;
}

/** What the first projects of a trade are usually called: suggestions, to be renamed or left out. */
export function firstProjects(trade: Trade | null): readonly string[] {
  return USUAL[trade ?? 'general'].projects;
}

/** What follows from what a firm says of itself; null where nothing does. */
export interface Consequences {
  /** How people record, where nothing else is said of them. */
  readonly ways: readonly RecordWay[] | null;
  /** Functions that come into sight, and that go out of it. */
  readonly shown: readonly FirmFunction[];
  readonly hidden: readonly FirmFunction[];
  readonly services: readonly FirstService[] | null;
}

/** Functions by who is there to use them. */
const OF_SIZE: Readonly<Record<Size, Pick<Consequences, 'shown' | 'hidden'>>> = {
  one: { shown: [], hidden: ['review', 'people', 'instruction'] },
  few: { shown: ['review', 'people'], hidden: ['instruction'] },
  more: { shown: ['review', 'people', 'instruction'], hidden: [] },
};

/**
 * What follows when a firm says of itself what it had not said so before. What it says as before has no consequence:
 * what was settled otherwise since then stays.
 *
 * In the field times are read off a clock, so that breaks and gaps show, and a grid is of little use on a small screen;
 * where people work in an office, lengths are typed into the grid as well. Who is alone has nobody to review for.
 */
export function consequences(before: Shape, after: Shape): Consequences {
  const place = after.place === before.place ? null : after.place;
  const size = after.size === before.size ? null : after.size;
  const inField = place === 'field';
  const ofSize = size ? OF_SIZE[size] : { shown: [], hidden: [] };
  return {
    ways: place && (inField ? ['timer', 'span'] : RECORD_WAYS),
    shown: inOrderOfFunctions([...ofSize.shown, ...(place && !inField ? (['grid'] as const) : [])]),
    hidden: inOrderOfFunctions([...ofSize.hidden, ...(inField ? (['grid'] as const) : [])]),
    services: after.trade && after.trade !== before.trade ? firstServices(after.trade) : null,
  };
}

/** Every service that a firm was ever given to begin with, by code: what nobody has used of them may go. */
export const GIVEN_SERVICES: ReadonlyMap<string, ReadonlySet<string>> = TRADES.flatMap((trade) => USUAL[trade].services).reduce(
  (all, { code, name }) => all.set(code, new Set([...(all.get(code) ?? []), name])),
  new Map<string, Set<string>>(),
);
