import { AnswerOf, BodyOf, Endpoints, Instructed } from '@yellowwood/contracts';
import {
  addInstructed,
  addInstruction,
  instructedPeople,
  instructions,
  ownInstruction,
  paperOf,
  peopleNamed,
  toConfirm as waiting,
} from '../generated/people/instruction.queries';
import { audit } from '../platform/audit';
import { Context, today } from '../platform/context';
import { instantText } from '../platform/json';
import { problem } from '../platform/problem';
import { oneAtATime } from './change-person';

/** The version that somebody has still to confirm; null where there is none. */
export async function toConfirm({ tx, actor }: Context): Promise<number | null> {
  const [newest] = await waiting.run({ person: actor.personId }, tx);
  return newest && !newest.done ? newest.version : null;
}

/** What one is asked to confirm, and whether one has. */
export async function readInstruction({ tx, actor }: Context): Promise<AnswerOf<Endpoints['readInstruction']>> {
  const [row] = await ownInstruction.run({ person: actor.personId }, tx);
  if (!row) return { instruction: null, confirmedOn: null };
  const { confirmedOn, at, ...instruction } = row;
  return {
    instruction: { ...instruction, at: instantText(String(at)) },
    confirmedOn: confirmedOn === null ? null : String(confirmedOn),
  };
}

/** The newest version, as it was seen. @throws the problem `instruction-changed` */
async function seenVersion({ tx }: Context, version: number): Promise<void> {
  const [newest] = await instructions.run(undefined, tx);
  if (newest?.version !== version) throw problem('instruction-changed');
}

/** Confirms that one has read it. @throws the problems `instruction-changed`, `instructed-already` */
export async function confirmInstruction(context: Context, version: number): Promise<null> {
  await seenVersion(context, version);
  await note(context, { version, people: [context.actor.personId], how: 'read here', day: today(context) });
  return null;
}

interface Noting {
  readonly version: number;
  readonly people: readonly string[];
  readonly how: string;
  readonly day: string;
  readonly paper?: { readonly name: string; readonly bytes: Buffer };
}

async function note(context: Context, { version, people, how, day, paper }: Noting): Promise<void> {
  const { tx, firm, actor, now } = context;
  const named = await peopleNamed.run({ people: [...people] }, tx);
  if (named.length < people.length) throw problem('person-unknown');
  const noted = { firm: firm.id, version, people: [...people], how, day, by: actor.personId, now };
  const added = await addInstructed.run({ ...noted, paperName: paper?.name ?? null, paper: paper?.bytes ?? null }, tx);
  if (added.length < people.length) throw problem('instructed-already');
  await audit(
    context,
    'person instructed',
    named.map(({ id, name }) => ({ kind: 'person', id, after: { name, version, how, day, paper: paper?.name ?? null } })),
  );
}

/** Who was instructed in which version, when and how. */
export async function listInstructed({ tx }: Context): Promise<Instructed> {
  const versions = await instructions.run(undefined, tx);
  const people = await instructedPeople.run(undefined, tx);
  return {
    versions: versions.map(({ at, ...version }) => ({ ...version, at: instantText(String(at)) })),
    people: people.map((row) => ({ ...row, instructed: row.instructed as Instructed['people'][number]['instructed'] })),
  };
}

/** Has people confirm another wording. @throws the problem `nothing-to-change` */
export async function changeInstruction(context: Context, wording: string): Promise<Instructed> {
  const { tx, firm, actor, now } = context;
  await oneAtATime(context);
  const [newest] = await instructions.run(undefined, tx);
  const text = wording.trim();
  if (newest?.wording === text) throw problem('nothing-to-change');
  const version = (newest?.version ?? 0) + 1;
  await addInstruction.run({ firm: firm.id, version, wording: text, by: actor.personId, now }, tx);
  await audit(context, 'instruction changed', [{ kind: 'firm', id: firm.id, after: { version, wording: text } }]);
  return listInstructed(context);
}

/** How the files begin that may be attached: PDF, PNG, JPEG. */
const BEGINNINGS = [Buffer.from('%PDF-'), Buffer.from([0x89, 0x50, 0x4e, 0x47]), Buffer.from([0xff, 0xd8, 0xff])];

/**
 * Notes that people were instructed otherwise than by reading here: all of them, or none.
 * @throws the problems `instruction-changed`, `person-unknown`, `instructed-already`, `paper-unreadable`, `day-ahead`
 */
export async function noteInstructed(
  context: Context,
  { paper, ...wish }: BodyOf<Endpoints['noteInstructed']>,
): Promise<Instructed> {
  if (wish.day > today(context)) throw problem('day-ahead');
  const bytes = paper && Buffer.from(paper.bytes, 'base64');
  const fits = !bytes || (bytes.length <= 1_000_000 && BEGINNINGS.some((one) => bytes.subarray(0, one.length).equals(one)));
  if (!fits) throw problem('paper-unreadable');
  await seenVersion(context, wish.version);
  await note(context, { ...wish, ...(bytes && { paper: { name: paper.name.trim(), bytes } }) });
  return listInstructed(context);
}

/** The paper that somebody signed. @throws the problem `paper-unknown` */
export async function readPaper({ tx }: Context, person: string): Promise<{ bytes: Uint8Array; fileName: string }> {
  const [found] = await paperOf.run({ person }, tx);
  if (!found) throw problem('paper-unknown');
  // What somebody typed becomes no part of a header.
  return { bytes: found.bytes, fileName: found.name.replace(/[^\w. -]+/g, '_') };
}
