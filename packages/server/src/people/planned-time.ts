import { DateText, datesFrom, weekday } from '@yellowwood/core';
import { scheduleOf } from '../generated/people/planned-time.queries';
import { Tx } from '../platform/database';

/** Planned working time of one person and date. */
export interface PlannedTime {
  readonly seconds: number;
  readonly dayStart: string;
  readonly dayEnd: string;
}

const NONE: PlannedTime = { seconds: 0, dayStart: '09:00', dayEnd: '17:00' };

/** Looks up planned time, as the schedules of the asked-for people and dates say. */
export type PlannedLookup = (personId: string, date: DateText) => PlannedTime;

/** Reads the schedules that hold in a range of dates. */
export async function plannedTime(tx: Tx, people: readonly string[], from: DateText, to: DateText): Promise<PlannedLookup> {
  const rows = await scheduleOf.run({ people: [...people], from, to }, tx);
  const byPerson = new Map<string, typeof rows>();
  for (const row of rows) byPerson.set(row.personId, [...(byPerson.get(row.personId) ?? []), row]);
  return (personId, date) => {
    const row = byPerson.get(personId)?.find((one) => one.validFrom <= date && (one.validTo === null || one.validTo >= date));
    if (!row) return NONE;
    return { seconds: Number(row.planned[weekday(date) - 1]), dayStart: row.dayStart, dayEnd: row.dayEnd };
  };
}

/** The planned seconds of a range of dates. */
export function plannedBetween(lookup: PlannedLookup, personId: string, from: DateText, to: DateText): number {
  return datesFrom(from, to).reduce((sum, date) => sum + lookup(personId, date).seconds, 0);
}
