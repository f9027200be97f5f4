import { BodyOf, Endpoints, PlannedWeek } from '@yellowwood/contracts';
import { RecordWay, addDays, inOrderOfWays } from '@yellowwood/core';
import { addPlannedTime } from '../generated/people/invite.queries';
import { scheduleOf } from '../generated/people/planned-time.queries';
import { dropLaterPlans, endPlans, recordingNow, setRecording } from '../generated/people/recording.queries';
import { audit } from '../platform/audit';
import { Context, PersonRecording, recordingOf } from '../platform/context';
import { problem } from '../platform/problem';
import { seenPerson } from './change-person';

/** A planned week, as the history tells it: hours from Monday to Sunday, and between which times. */
export const plannedText = ({ hours, dayStart, dayEnd }: PlannedWeek): string =>
  `${hours.map((seconds) => Math.round(seconds / 36) / 100).join(' ')}, ${dayStart} to ${dayEnd}`;

/** What is planned of somebody's week on a day. */
async function plannedOn({ tx }: Context, person: string, day: string): Promise<PlannedWeek | null> {
  const [row] = await scheduleOf.run({ people: [person], from: day, to: day }, tx);
  return row ? { hours: row.planned.map(Number), dayStart: row.dayStart, dayEnd: row.dayEnd } : null;
}

/**
 * Says how a person records, how much at most, and what is planned of their week from a day on.
 * @throws the problems `person-unknown`, `version-stale`, `week-below-day`, `nothing-to-change`
 */
export async function changeRecording(
  context: Context,
  person: string,
  { planned, ...wish }: BodyOf<Endpoints['changeRecording']>,
  version: number,
): Promise<null> {
  const { tx, firm } = context;
  await seenPerson(context, person, version);
  const [row] = await recordingNow.run({ person }, tx);
  const before = row as PersonRecording;
  const after: PersonRecording = { ...wish, ways: wish.ways && inOrderOfWays(wish.ways) };
  const { dayMaximum, weekMaximum } = recordingOf(firm, after);
  if (weekMaximum < dayMaximum) throw problem('week-below-day');
  const was = planned && (await plannedOn(context, person, planned.from));
  const other = planned && (!was || plannedText(was) !== plannedText(planned)) ? planned : null;
  const told = ({ ways, ...most }: PersonRecording) => ({ ...most, ways: ways && ways.join(', ') });
  if (!other && JSON.stringify(told(before)) === JSON.stringify(told(after))) throw problem('nothing-to-change');
  await setRecording.run({ person, ...after, ways: after.ways as RecordWay[] | null }, tx);
  if (other) {
    const { from, hours, ...day } = other;
    await dropLaterPlans.run({ person, from }, tx);
    await endPlans.run({ person, last: addDays(from, -1) }, tx);
    await addPlannedTime.run({ firm: firm.id, person, validFrom: from, planned: hours, ...day }, tx);
  }
  await audit(context, 'person changed', [
    {
      ...{ kind: 'person', id: person },
      before: { ...told(before), ...(other && { planned: was ? plannedText(was) : null, plannedFrom: null }) },
      after: { ...told(after), ...(other && { planned: plannedText(other), plannedFrom: other.from }) },
    },
  ]);
  return null;
}
