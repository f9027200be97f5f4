import { Entry, Timesheet } from '@yellowwood/contracts';
import { Dates, checkDay, clockIn, datesFrom, seconds } from '@yellowwood/core';
import { peopleFacts } from '../generated/people/people-facts.queries';
import { sheetOf } from '../generated/time/read-timesheet.queries';
import { entriesOfPeople } from '../ledger/read-entries';
import { plannedTime } from '../people/planned-time';
import { Context, PersonRecording, reachOf, recordingOf } from '../platform/context';
import { instantText } from '../platform/json';
import { problem } from '../platform/problem';
import { correctable } from './on-behalf';
import { ownTimers, toldTimers } from './timers/own-timers';

/** A person's period: what is recorded, row by row and day by day, and where its submission stands. */
export async function readTimesheet(context: Context, { from, to }: Dates, person: string | undefined): Promise<Timesheet> {
  const { tx, actor } = context;
  const personId = person ?? actor.personId;
  const own = personId === actor.personId;
  const who = { reach: reachOf(context, 'time.read'), asker: actor.personId, people: [personId] };
  const facts = own ? { ...actor, ...actor.recording } : (await peopleFacts.run(who, tx))[0];
  if (!facts) throw problem('person-unknown');
  const { ways, dayMaximum } = recordingOf(context.firm, facts as PersonRecording);
  const entries = await entriesOfPeople(context, [personId], from, to);
  const [sheet] = await sheetOf.run({ person: personId, from }, tx);
  const planned = await plannedTime(tx, [personId], from, to);
  const returned = (sheet?.returned ?? null) as Timesheet['returned'];
  const submissions = (sheet?.submissions ?? []) as unknown as Timesheet['submissions'];
  const state = (sheet?.state ?? 'open') as Timesheet['state'];
  const theirs = await correctable(context, personId);
  return {
    personId,
    personName: facts.name,
    from,
    to,
    zone: facts.zone,
    timesheetId: sheet?.id ?? null,
    state,
    version: sheet?.version ?? null,
    entries,
    rows: (sheet?.rows ?? []) as unknown as Timesheet['rows'],
    days: datesFrom(from, to).map((date) => dayOf(date, entries, planned(personId, date), facts.zone, context.firm.gapTolerance)),
    dayMaximum,
    ways: [...ways],
    lockedUntil: context.firm.lockedUntil,
    submissions: submissions.map(({ at, note, withdrawnAt }) => ({
      at: instantText(at),
      note,
      withdrawnAt: withdrawnAt && instantText(withdrawnAt),
    })),
    byPolicy: sheet?.byPolicy ?? 0,
    returned: returned && state === 'open' ? { ...returned, at: instantText(returned.at) } : null,
    timers: own ? [] : toldTimers(await ownTimers(context, personId)),
    may: { record: own, submit: own || theirs?.absent === true, correct: theirs !== undefined },
  };
}

function dayOf(
  date: string,
  entries: readonly Entry[],
  planned: { seconds: number; dayStart: string; dayEnd: string },
  zone: string,
  tolerance: number,
): Timesheet['days'][number] {
  const own = entries.filter((entry) => entry.date === date && entry.kind === 'time');
  const check = checkDay(
    own.map((entry) => ({ id: entry.id, worked: seconds(entry.quantity), startAt: entry.startAt, endAt: entry.endAt })),
    { date, zone, start: planned.dayStart, end: planned.dayEnd, planned: seconds(planned.seconds) },
    seconds(tolerance),
  );
  return {
    date,
    planned: planned.seconds,
    dayStart: planned.dayStart,
    dayEnd: planned.dayEnd,
    recorded: check.recorded,
    gaps: check.gaps.map((gap) => ({ ...gap, startClock: clockIn(zone, gap.startAt), endClock: clockIn(zone, gap.endAt) })),
    overlaps: check.overlaps.map(({ first, second }) => ({ first, second })),
  };
}
