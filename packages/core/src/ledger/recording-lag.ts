import { DateText, InstantText } from '../firm/units';
import { addSeconds, dateIn } from '../firm/zones';

/** How late an entry was recorded: whole days between the date on which its work ended and today there. */
export function recordingLag(workDate: DateText, endAt: InstantText | null, zone: string, recordedAt: InstantText): number {
  const ended = endAt ? dateIn(zone, addSeconds(endAt, -1)) : workDate;
  const recorded = dateIn(zone, recordedAt);
  return Math.max(0, Math.round((Date.parse(recorded) - Date.parse(ended)) / 86_400_000));
}
