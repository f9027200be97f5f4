import type { HistoryEvent } from '@yellowwood/contracts';
import type { Permission, Reach } from '@yellowwood/core';
import type { Formats } from '../state/formats';
import { RIGHT_WORDS, reachWords } from './rights';
import { FACT_WORDS } from '../state/words';
import { Say } from '../state/own-words';

const HOURS = ['dayMaximum', 'weekMaximum', 'gapTolerance', 'quantity', 'billableQuantity', 'breakSeconds', 'estimate'];
const MONEY = ['valueMinor', 'gross', 'net', 'tax', 'settled', 'amount', 'toInvoice', 'toCredit', 'limit'];
/** What no reader of a history asks for, or what is told with another fact. */
const SILENT = [
  ...['kind', 'origin', 'enteredAt', 'entered by', 'lagDays', 'zone', 'person', 'late', 'absencePaid', 'changedByOther'],
  ...['valueCurrency', 'currency', 'wish', 'client', 'entries', 'rateSource'],
];

/** Facts of the firm and its people; those of recorded time are said elsewhere too. */
const SETTING_WORDS: Readonly<Record<string, string>> = {
  taxId: 'tax id',
  dayMaximum: 'the most of a day',
  weekMaximum: 'the most of a week',
  gapTolerance: 'not yet a gap',
  lockedUntil: 'locked up to',
  review: 'reviewing submitted time',
  unreviewed: 'projects approved at once',
  factorForMoney: 'asking who sees money for a second factor',
  email: 'e-mail address',
  paymentDetails: 'how to pay',
  invoicePrefix: 'invoice numbers begin with',
  creditPrefix: 'credit numbers begin with',
  nextInvoice: 'next invoice',
  staffNumber: 'staff number',
  leftOn: 'last day',
  lead: 'lead',
  dates: 'dates',
  clock: 'times',
  numbers: 'figures',
  version: 'version',
  wording: 'what they confirm',
  how: 'how',
  day: 'on',
  paper: 'paper',
  ways: 'ways to record',
  planned: 'planned hours, Monday to Sunday',
  plannedFrom: 'from',
  periods: 'what is submitted at once',
  periodsFrom: 'from',
  weekStart: 'weeks begin on day',
  periodDays: 'days at once',
  position: 'position',
  positionFrom: 'from',
  department: 'department',
  startedOn: 'first day',
  ended: 'ended',
  opening: 'before the lines',
  closing: 'after the lines',
  logo: 'logo',
  workText: 'what names work',
  functionsOff: 'out of sight',
  increment: 'rounded to minutes',
  mode: 'rounded',
  unit: 'rounded together',
  minimum: 'at least, minutes',
  decimalPlaces: 'decimals of quantities',
  termsFrom: 'from',
  agreedFrom: 'from',
  method: 'charged',
  projectsAlong: 'projects that go along',
  place: 'where people work',
  size: 'how many they are',
  trade: 'what they do',
  services: 'services',
  people: 'people',
  manager: 'manager',
  looksAfter: 'looks after',
  tasks: 'tasks',
  records: 'taking time',
  open: 'counting as open',
  archived: 'in the archive',
  whoRecords: 'who records',
  tone: 'tone',
  startsOn: 'begins',
  endsOn: 'ends',
  complete: 'complete, percent',
  notes: 'notes',
  order: 'stands as number',
  state: 'state',
  taskKind: 'kind',
  taskName: 'task',
  estimate: 'estimate',
};

/** As we say it ourselves. */
const ours: Say = (text) => text;

/** Who did what: `Rosa Vane changed the entry`. */
export function deedSentence({ by, action }: Pick<HistoryEvent, 'by' | 'action'>, say: Say = ours): string {
  const [, thing, done] =
    /^(entry|entries|draft|invoice|payment|period|timer|firm|person|position|department|state|role|roles|exceptions|link|logo|instruction|access|project|agreement|client|task|tasks|team|teams) (\w+)$/.exec(
      action,
    ) ?? [];
  return thing ? `${by} ${done} the ${say(thing)}` : `${by}: ${action}`;
}

/**
 * What an event changed from what to what, a sentence each.
 * @param currency of its amounts, where the event does not say
 */
export function changeSentences(event: HistoryEvent, currency: string, formats: Formats, say: Say = ours): string[] {
  const { before, after } = event;
  if (!before || !after) return [];
  const money = String(after['valueCurrency'] ?? after['currency'] ?? currency);
  const text = (key: string, value: unknown) => valueText(key, value, money, formats);
  return [...new Set([...Object.keys(after), ...Object.keys(before).filter((key) => key.startsWith('may '))])]
    .filter((key) => !SILENT.includes(key))
    .map((key) => {
      const [was, is] = [text(key, before[key]), text(key, after[key])];
      if (key.startsWith('may ')) return say(rightSentence(key.slice(4) as Permission, before[key], after[key]));
      // What a word stands for is said in ours.
      const word = key.startsWith('word for ') ? key : say(FACT_WORDS[key] ?? SETTING_WORDS[key] ?? key);
      const name = word.charAt(0).toUpperCase() + word.slice(1);
      if (typeof after[key] === 'boolean') return after[key] ? `Now ${word}` : `Now not ${word}`;
      if (is === '') return `${name} taken away, was ${was}`;
      return was === '' ? `${name}: ${is}` : `${name} ${is}, was ${was}`;
    });
}

/** A right of a role or an exception: where there is none, the roles say it, or nobody has it. */
function rightSentence(right: Permission, was: unknown, is: unknown): string {
  const words = (value: unknown) =>
    value === undefined || value === null ? 'not said' : reachWords(right, value === 'none' ? null : (value as Reach));
  return `${RIGHT_WORDS[right]}: ${words(is)}, was ${words(was)}`;
}

function valueText(key: string, value: unknown, currency: string, formats: Formats): string {
  if (value === null || value === undefined) return '';
  if (typeof value === 'number' && HOURS.includes(key)) return formats.hours(value);
  if (typeof value === 'number' && MONEY.includes(key)) return formats.money(value, currency);
  if (typeof value === 'number' && key === 'rate') return formats.rate(value, currency);
  if (typeof value === 'string' && /^\d{4}-\d{2}-\d{2}T/.test(value)) return formats.moment(value);
  if (typeof value === 'string' && /^\d{4}-\d{2}-\d{2}$/.test(value)) return formats.day(value, 'full');
  return typeof value === 'string' || typeof value === 'number' ? String(value) : JSON.stringify(value);
}
