import { Dates, addDays } from '@yellowwood/core';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';
import { holdRules } from './locks';

/** The day up to which the firm has locked its time, read anew while nobody can move it: the request may be older. */
async function lockedDay(context: Context): Promise<string> {
  return (await holdRules(context)).lockedUntil ?? '';
}

/**
 * Refuses what touches a day that the firm has locked.
 * @param dates work dates, ISO
 * @throws the problem `day-locked` with the day up to which it is
 */
export async function refuseLockedDays(context: Context, dates: readonly string[]): Promise<void> {
  if (dates.length === 0) return;
  const day = await lockedDay(context);
  if (dates.some((date) => date <= day)) throw problem('day-locked', { day });
}

/**
 * The part of a period that the firm has not locked.
 * @throws the problem `day-locked` where that is none of it
 */
export async function openPart(context: Context, { from, to }: Dates): Promise<Dates> {
  const day = await lockedDay(context);
  if (to <= day) throw problem('day-locked', { day });
  return { from: from <= day ? addDays(day, 1) : from, to };
}
