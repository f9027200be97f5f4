import { Static, Type } from 'typebox';
import {
  Day,
  FirmAndId,
  FirmPath,
  Id,
  Instant,
  Name,
  Version,
  choice,
  endpoint,
  nullable,
  optional,
  strict,
} from '../platform/fields';

/** How somebody was instructed. */
export const HowInstructed = choice('read here', 'on paper', 'in person', 'film');

/** What a firm has its people confirm about how they record time. */
export const Instruction = strict({ version: Version, wording: Type.String(), by: Name, at: Instant });
export type Instruction = Static<typeof Instruction>;

/** What one is asked to confirm, and whether one has. */
export const readInstruction = endpoint({
  summary: 'What the firm has its people confirm about how they record time, and whether one has',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/instruction',
  permission: null,
  params: FirmPath,
  answer: strict({ instruction: nullable(Instruction), confirmedOn: nullable(Day) }),
});

/** Confirm that one has read it. */
export const confirmInstruction = endpoint({
  summary: 'Confirm that one has read how the firm has time recorded',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/instruction/confirm',
  permission: null,
  params: FirmPath,
  body: strict({ version: Version }),
  problems: ['instruction-changed', 'instructed-already'],
});

export const Instructed = strict({
  versions: Type.Array(Instruction),
  people: Type.Array(
    strict({
      id: Id,
      name: Name,
      /** Of the versions, the newest first, what they were instructed in. */
      instructed: Type.Array(
        strict({ version: Version, how: HowInstructed, day: Day, by: Name, paper: nullable(Type.String()) }),
      ),
    }),
  ),
});
export type Instructed = Static<typeof Instructed>;

/** Who was instructed in which version, when and how. */
export const listInstructed = endpoint({
  summary: 'Who was instructed in which version, when and how',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/instructed',
  permission: 'people.change',
  params: FirmPath,
  answer: Instructed,
});

/** Have people confirm another wording: a new version, which everybody is asked anew. */
export const changeInstruction = endpoint({
  summary: 'Have people confirm another wording: a new version, which everybody is asked anew',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/instruction',
  permission: 'firm.change',
  params: FirmPath,
  body: strict({ wording: Type.String({ minLength: 1, maxLength: 8000, pattern: '\\S' }) }),
  answer: Instructed,
  problems: ['nothing-to-change'],
});

/** Note that people were instructed otherwise than by reading here, perhaps with the paper that they signed. */
export const noteInstructed = endpoint({
  summary: 'Note that people were instructed otherwise than by reading here, perhaps with the paper that they signed',
  kind: 'command',
  method: 'POST',
  path: '/f/:firm/instructed',
  permission: 'people.change',
  params: FirmPath,
  body: strict({
    version: Version,
    people: Type.Array(Id, { minItems: 1, maxItems: 500, uniqueItems: true }),
    how: choice('on paper', 'in person', 'film'),
    day: Day,
    paper: optional(
      strict({
        name: Type.String({ minLength: 1, maxLength: 120, pattern: '\\S' }),
        /** PDF, PNG or JPEG of at most a megabyte. */
        bytes: Type.String({ maxLength: 1_400_000, pattern: '^[A-Za-z0-9+/]+={0,2}$', description: 'base64' }),
      }),
    ),
  }),
  answer: Instructed,
  problems: ['instruction-changed', 'person-unknown', 'instructed-already', 'paper-unreadable', 'day-ahead'],
});

/** The paper that somebody signed. */
export const readPaper = endpoint({
  summary: 'The paper that somebody signed, of the newest version that they were instructed in on paper',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/instructed/:id/paper',
  permission: 'people.change',
  params: FirmAndId,
  answer: Type.Unsafe<{ bytes: Uint8Array; fileName: string }>({}),
  media: 'application/octet-stream',
  problems: ['paper-unknown'],
});
