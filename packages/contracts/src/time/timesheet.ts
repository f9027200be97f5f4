import { Clock, Count, Day, Duration, Id, Instant, Name, Version, choice, nullable, strict } from '../platform/fields';
import { Static, Type } from 'typebox';
import { Entry } from '../ledger/entry';
import { Ways } from '../firm/time-rules';
import { SheetRow } from './sheet-row';
import { Timer } from './timer';

export const Timesheet = strict({
  personId: Id,
  personName: Name,
  from: Day,
  to: Day,
  zone: Type.String(),
  timesheetId: nullable(Id),
  state: choice('open', 'submitted'),
  version: nullable(Version),
  entries: Type.Array(Entry),
  rows: Type.Array(SheetRow),
  /** What runs or waits for somebody else than the reader, whose own timers are read apart. */
  timers: Type.Array(Timer),
  days: Type.Array(
    strict({
      date: Day,
      planned: Duration,
      dayStart: Clock,
      dayEnd: Clock,
      recorded: Duration,
      gaps: Type.Array(strict({ startAt: Instant, endAt: Instant, startClock: Clock, endClock: Clock, seconds: Duration })),
      overlaps: Type.Array(strict({ first: Id, second: Id })),
    }),
  ),
  dayMaximum: Duration,
  /** How they record their time. */
  ways: Ways,
  /** Up to this day nothing is recorded, changed or submitted. */
  lockedUntil: nullable(Day),
  submissions: Type.Array(strict({ at: Instant, note: Type.String(), withdrawnAt: nullable(Instant) })),
  /** How many entries were approved since nobody else decides on them, and stand on no document: they may be withdrawn. */
  byPolicy: Count,
  /** A return of the whole period that still stands. */
  returned: nullable(strict({ by: Name, at: Instant, reason: Type.String() })),
  /** What may be done with this person's time by the reader. */
  may: strict({ record: Type.Boolean(), submit: Type.Boolean(), correct: Type.Boolean() }),
});
export type Timesheet = Static<typeof Timesheet>;
