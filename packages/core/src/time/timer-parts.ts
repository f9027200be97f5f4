import { DateText, InstantText, Seconds, seconds } from '../firm/units';
import { addSeconds, dateIn, secondsBetween } from '../firm/zones';

/** A stretch of running time. */
export interface Segment {
  readonly startAt: InstantText;
  readonly endAt: InstantText;
}

/** What a stopped timer leaves on one local date. */
export interface TimedPart extends Segment {
  readonly date: DateText;
  readonly breakSeconds: Seconds;
  readonly worked: Seconds;
}

/**
 * Turns the segments of a stopped timer into parts to be kept as entries: one part for the whole run,
 * on the date on which it started (in the person's zone); a timer that ran over several dates with
 * pauses between them becomes one part per date. Pauses inside a part are its break. No second is lost.
 *
 * @param segments in order of time, not overlapping
 * @returns parts with at least one worked second, in order
 */
export function partsOfTimer(segments: readonly Segment[], zone: string): TimedPart[] {
  const groups: Segment[][] = [];
  let date = '';
  for (const segment of segments) {
    if (secondsBetween(segment.startAt, segment.endAt) <= 0) continue;
    const own = dateIn(zone, segment.startAt);
    if (own !== date) groups.push([]);
    date = own;
    groups.at(-1)!.push(segment);
  }
  return groups.map((group) => {
    const startAt = group[0]!.startAt;
    // Each segment counts whole seconds; the end is laid so that start + worked + break reaches it.
    const worked = seconds(group.reduce((sum, part) => sum + secondsBetween(part.startAt, part.endAt), 0));
    const elapsed = secondsBetween(startAt, group.at(-1)!.endAt);
    return {
      date: dateIn(zone, startAt),
      startAt,
      endAt: addSeconds(startAt, elapsed),
      breakSeconds: seconds(elapsed - worked),
      worked,
    };
  });
}
