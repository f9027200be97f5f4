import { Static, Type } from 'typebox';
import { Amount, Count, Currency, Duration, FirmAndId, Id, RateField, endpoint, nullable, strict } from '../platform/fields';
import { TaskPlace } from '../work/add-tasks';
import { OutlineTask } from '../work/outline-task';

/** What pricing time anew does to it: shown before it is done. */
export const Repricing = strict({
  /** Stands for what is shown here: sent along, it says that this and nothing else is to be done. */
  seen: Type.String(),
  /** Entries that are priced anew, and what was recorded in them. */
  entries: Count,
  seconds: Duration,
  /** Time whose price moves, the most of it first; none for readers without the right to values. */
  moves: Type.Array(
    strict({
      ...{ rateNow: nullable(RateField), currencyNow: nullable(Currency), chargedNow: Type.Boolean() },
      ...{ rateThen: nullable(RateField), currencyThen: nullable(Currency), chargedThen: Type.Boolean() },
      ...{ entries: Count, seconds: Duration, valueNow: nullable(Amount), valueThen: nullable(Amount) },
    }),
  ),
  /** Entries that lose their rate, and that get one. */
  lost: Count,
  gained: Count,
});
export type Repricing = Static<typeof Repricing>;

/**
 * Move a task with all below it, also to another project: its unbilled time goes along and is priced anew. Where a price
 * moves, it is refused the first time with what would change (`effect-unseen`, the effect as `current`), and done when
 * that comes back as seen.
 */
export const moveTask = endpoint({
  summary: 'Move a task with all below it, also to another project: its unbilled time goes along and is priced anew',
  kind: 'change',
  method: 'POST',
  path: '/f/:firm/tasks/:id/move',
  permission: 'work.change',
  params: FirmAndId,
  body: strict({ projectId: Id, ...TaskPlace.properties, seen: nullable(Type.String({ maxLength: 100 })) }),
  /** What was moved, and what stands beside it. */
  answer: strict({ tasks: Type.Array(OutlineTask) }),
  problems: [
    ...(['task-unknown', 'project-unknown', 'below-itself', 'too-deep', 'nothing-to-change'] as const),
    ...(['work-billed', 'work-in-draft', 'day-locked', 'effect-unseen', 'effect-changed'] as const),
  ],
});
