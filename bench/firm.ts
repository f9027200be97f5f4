import { createHash } from 'node:crypto';

// What firm.sql made, as the measurements name it.
export const SLUG = 'measured';
export const PASSWORD = 'a password for measuring';
export const TODAY = '2026-06-12';
export const MONDAY = '2026-06-08';
export const LAST_MONDAY = '2026-06-01';
export const CLOCK = `${TODAY}T15:00:00.000Z`;

/** The id that firm.sql gives to a thing. */
export function idOf(name: string): string {
  return createHash('md5')
    .update(name)
    .digest('hex')
    .replace(/^(.{8})(.{4})(.{4})(.{4})/, '$1-$2-$3-$4-');
}
