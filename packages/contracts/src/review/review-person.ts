import { Day, Duration, Id, Instant, Name, Seen, choice, nullable, strict } from '../platform/fields';
import { Static, Type } from 'typebox';

/** Something that a reviewer should look at before approving. */
export const LookItem = strict({ reason: Type.String(), date: nullable(Day), entryId: nullable(Id) });
export type LookItem = Static<typeof LookItem>;

/** One person's period, day by day. */
export const ReviewPerson = strict({
  personId: Id,
  name: Name,
  position: nullable(Name),
  /** Whose period it is: one's own is shown and never decided. */
  own: Type.Boolean(),
  state: choice('missing', 'open', 'submitted', 'approved'),
  submittedAt: nullable(Instant),
  note: Type.String(),
  planned: Duration,
  recorded: Duration,
  submitted: Duration,
  /** All that the person recorded in the period, in the reviewer's reach and scope or not. */
  inAll: Duration,
  days: Type.Array(
    strict({
      date: Day,
      recorded: Duration,
      billable: Duration,
      absent: nullable(Type.String()),
      looks: Type.Array(Type.String()),
    }),
  ),
  looks: Type.Array(LookItem),
  clean: Type.Boolean(),
  /** What can be decided, as it is now: what approving them all carries. */
  entries: Type.Array(Seen),
});
export type ReviewPerson = Static<typeof ReviewPerson>;
