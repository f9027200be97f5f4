import { partsOfTimer, secondsBetween, weekOf } from '@yellowwood/core';
import { BodyOf, Endpoints, Entry, Timer, Timers } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { audit } from '../platform/audit';
import { Context, today } from '../platform/context';
import { problem } from '../platform/problem';
import { plannedTime } from '../work/planned-time';
import { projectsSeen } from '../work/queries.queries';
import {
  closeSegment,
  deleteTimer,
  insertSegment,
  insertTimer,
  lockPeople,
  moveSegmentStart,
  recordedOn,
  setRunning,
  timersOf,
  updateTimer,
} from './queries.queries';
import { writeEntries } from './write-entries';

interface Segment {
  readonly place: number;
  readonly startAt: string;
  readonly endAt: string | null;
}

interface OwnTimer {
  readonly id: string;
  readonly projectId: string | null;
  readonly taskId: string | null;
  readonly serviceId: string | null;
  readonly billable: boolean | null;
  readonly note: string;
  readonly running: boolean;
  readonly version: number;
  readonly segments: Segment[];
}

async function ownTimers(context: Context): Promise<OwnTimer[]> {
  const rows = await timersOf.run({ person: context.actor.personId }, context.tx);
  const timers = new Map<string, OwnTimer>();
  for (const { place, startAt, endAt, ...timer } of rows) {
    const found = timers.get(timer.id) ?? { ...timer, segments: [] };
    found.segments.push({ place, startAt, endAt });
    timers.set(timer.id, found);
  }
  return [...timers.values()];
}

/** Own timers, one writer at a time. */
async function lockedTimers(context: Context): Promise<OwnTimer[]> {
  await lockPeople.run({ people: [context.actor.personId] }, context.tx);
  return ownTimers(context);
}

/** What ran, as far as it has ended. */
function elapsed(timer: OwnTimer): number {
  return timer.segments.reduce((sum, segment) => sum + (segment.endAt ? secondsBetween(segment.startAt, segment.endAt) : 0), 0);
}

/** Own timers with today's total: time comes from the stored starts, not from a counter. */
export async function readTimers(context: Context): Promise<Timers> {
  const timers = await ownTimers(context);
  const person = context.actor.personId;
  const date = today(context);
  const [recorded] = await recordedOn.run({ person, date }, context.tx);
  const planned = await plannedTime(context.tx, [person], date, date);
  return {
    timers: timers.map((timer): Timer => {
      const { segments, ...rest } = timer;
      return {
        ...rest,
        startedAt: segments[0]!.startAt,
        elapsed: elapsed(timer),
        since: segments.at(-1)!.endAt ? null : segments.at(-1)!.startAt,
      };
    }),
    now: context.now,
    today: { date, recorded: recorded!.seconds, maximum: context.firm.dayMaximum, planned: planned(person, date).seconds },
  };
}

async function refuseForeignTarget(context: Context, projectId: string | null): Promise<void> {
  if (!projectId) return;
  const seen = await projectsSeen.run({ reach: 'own', asker: context.actor.personId }, context.tx);
  if (!seen.some((project) => project.id === projectId)) throw problem('project-unknown');
}

/** A start that was set back may not reach into a stretch of another timer. */
function refuseWrongStart(context: Context, startAt: string, others: readonly OwnTimer[], own?: OwnTimer): void {
  if (Date.parse(startAt) > Date.parse(context.now)) throw problem('timer-start-ahead');
  const limit = own?.segments[0]?.endAt;
  if (limit && Date.parse(startAt) >= Date.parse(limit)) throw problem('timer-start-after-pause', { until: limit });
  const until = limit ?? context.now;
  for (const segment of others.flatMap((timer) => timer.segments)) {
    const end = segment.endAt ?? startAt;
    if (Date.parse(segment.startAt) < Date.parse(until) && Date.parse(end) > Date.parse(startAt))
      throw problem('timer-start-overlaps', { until: end });
  }
}

/** Ends the stretch of the timer that runs: paused, or stopped and made an entry. */
async function yieldRunning(context: Context, timers: readonly OwnTimer[], how: 'pause' | 'stop', at: string): Promise<void> {
  const running = timers.find((timer) => timer.running);
  if (!running) return;
  if (how === 'stop') await finish(context, running, at);
  else await pause(context, running, at);
}

async function pause(context: Context, timer: OwnTimer, at: string): Promise<void> {
  await closeSegment.run({ timer: timer.id, at }, context.tx);
  await setRunning.run({ id: timer.id, running: false }, context.tx);
}

/** Turns what a timer ran into entries, one a date, and ends it. Never fails for what is not filled in. */
async function finish(context: Context, timer: OwnTimer, at: string): Promise<Entry[]> {
  const segments = timer.segments.map((segment) => ({ startAt: segment.startAt, endAt: segment.endAt ?? at }));
  const parts = partsOfTimer(segments, context.actor.zone);
  const { projectId, taskId, serviceId, note } = timer;
  await deleteTimer.run({ id: timer.id }, context.tx);
  if (parts.length === 0) return [];
  return writeEntries(context, {
    create: parts.map((part, index) => ({
      origin: 'timer' as const,
      timed: part,
      // The first entry takes over the timer's id: its history goes on without a break.
      entry: {
        id: index === 0 ? timer.id : newId(),
        personId: context.actor.personId,
        date: part.date,
        projectId,
        taskId,
        serviceId,
        note,
        ...(timer.billable === null ? {} : { billable: timer.billable }),
      },
    })),
    change: [],
    remove: [],
    action: 'timer stopped',
    stale: 'version-stale',
  });
}

function byId(timers: readonly OwnTimer[], id: string): OwnTimer {
  const found = timers.find((timer) => timer.id === id);
  if (!found) throw problem('timer-unknown');
  return found;
}

type Body<Name extends 'startTimer' | 'changeTimer'> = BodyOf<Endpoints[Name]>;

/** Starts a timer; one that runs is paused or stopped at the same moment. */
export async function startTimer(context: Context, body: Body<'startTimer'>): Promise<Timers> {
  const timers = await lockedTimers(context);
  await refuseForeignTarget(context, body.projectId);
  const startAt = body.startedAt ?? context.now;
  const running = timers.find((timer) => timer.running);
  // The running timer ends where the new one begins, so switching leaves neither gap nor overlap.
  const others = timers.filter((timer) => timer !== running);
  refuseWrongStart(context, startAt, others);
  if (running && Date.parse(startAt) <= Date.parse(running.segments.at(-1)!.startAt))
    throw problem('timer-start-overlaps', { until: context.now });
  await yieldRunning(context, timers, body.others, startAt);
  const { id, projectId: project, taskId: task, serviceId: service, note } = body;
  await insertTimer.run(
    {
      firm: context.firm.id,
      id,
      person: context.actor.personId,
      project,
      task,
      service,
      billable: body.billable ?? null,
      note,
      now: context.now,
    },
    context.tx,
  );
  await insertSegment.run({ firm: context.firm.id, timer: id, place: 1, startAt }, context.tx);
  await audit(context, 'timer started', [{ kind: 'timer', id, after: { project, task, service, note, startAt } }]);
  return readTimers(context);
}

/** Classifies a timer, notes something on it, or sets its start back. */
export async function changeTimer(context: Context, id: string, version: number, body: Body<'changeTimer'>): Promise<Timers> {
  const timers = await lockedTimers(context);
  const timer = byId(timers, id);
  if (timer.version !== version) throw problem('version-stale', {}, { current: await readTimers(context) });
  const project = body.projectId === undefined ? timer.projectId : body.projectId;
  const task = body.taskId !== undefined ? body.taskId : project === timer.projectId ? timer.taskId : null;
  await refuseForeignTarget(context, project);
  if (body.startedAt) {
    refuseWrongStart(
      context,
      body.startedAt,
      timers.filter((one) => one !== timer),
      timer,
    );
    await moveSegmentStart.run({ timer: id, place: timer.segments[0]!.place, startAt: body.startedAt }, context.tx);
  }
  const after = {
    project,
    task,
    service: body.serviceId === undefined ? timer.serviceId : body.serviceId,
    billable: body.billable ?? timer.billable,
    note: body.note ?? timer.note,
  };
  await updateTimer.run({ id, ...after }, context.tx);
  const before = {
    project: timer.projectId,
    task: timer.taskId,
    service: timer.serviceId,
    billable: timer.billable,
    note: timer.note,
    startAt: timer.segments[0]!.startAt,
  };
  await audit(context, 'timer changed', [
    { kind: 'timer', id, before, after: { ...after, startAt: body.startedAt ?? before.startAt } },
  ]);
  return readTimers(context);
}

export async function pauseTimer(context: Context, id: string): Promise<Timers> {
  const timer = byId(await lockedTimers(context), id);
  if (!timer.running) throw problem('timer-not-running');
  await pause(context, timer, context.now);
  await audit(context, 'timer paused', [{ kind: 'timer', id }]);
  return readTimers(context);
}

export async function resumeTimer(context: Context, id: string, others: 'pause' | 'stop'): Promise<Timers> {
  const timers = await lockedTimers(context);
  const timer = byId(timers, id);
  if (timer.running) throw problem('timer-running');
  await yieldRunning(context, timers, others, context.now);
  await insertSegment.run(
    { firm: context.firm.id, timer: id, place: timer.segments.at(-1)!.place + 1, startAt: context.now },
    context.tx,
  );
  await setRunning.run({ id, running: true }, context.tx);
  await audit(context, 'timer resumed', [{ kind: 'timer', id }]);
  return readTimers(context);
}

/** Stops a timer. What it ran is kept whatever is still open about it. */
export async function stopTimer(context: Context, id: string): Promise<{ timers: Timers; entries: Entry[] }> {
  const timer = byId(await lockedTimers(context), id);
  const entries = await finish(context, timer, context.now);
  return { timers: await readTimers(context), entries };
}

/** Throws a timer away without an entry; the history keeps what it had. */
export async function discardTimer(context: Context, id: string): Promise<Timers> {
  const timer = byId(await lockedTimers(context), id);
  await deleteTimer.run({ id }, context.tx);
  await audit(context, 'timer discarded', [{ kind: 'timer', id, before: { ...timer, elapsed: elapsed(timer) } }]);
  return readTimers(context);
}

/** Whether a timer of this week still runs or waits, which would come too late after a submission. */
export async function timerInWeek(context: Context, from: string): Promise<boolean> {
  const timers = await ownTimers(context);
  return timers.some((timer) => weekOf(timer.segments[0]!.startAt.slice(0, 10)).from === from);
}
