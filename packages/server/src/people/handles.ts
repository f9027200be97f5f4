import { isNumber, readHandle } from '@yellowwood/core';
import { problem } from '../platform/problem';

/** What somebody signs in with, as it is kept. @throws the problem `handle-unreadable` */
export function handleOf(typed: string): string {
  const read = readHandle(typed);
  if (!read.ok) throw problem('handle-unreadable');
  return read.value;
}

/** The same, where nobody shall learn whether it could be one: what cannot be read belongs to nobody. */
export function handleOrNobody(typed: string): string {
  const read = readHandle(typed);
  return read.ok ? read.value : typed.trim().toLowerCase();
}

/** What the firm writes to somebody at: an address as it is typed, a number as it is dialled. @throws `handle-unreadable` */
export function writtenHandle(typed: string): string {
  const handle = handleOf(typed);
  return isNumber(handle) ? handle : typed.trim();
}
