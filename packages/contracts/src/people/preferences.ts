import { Static } from 'typebox';
import { choice } from '../platform/fields';

export const Theme = choice('light', 'dark', 'system');
export type Theme = Static<typeof Theme>;

/** How a person likes to see durations. */
export const DurationForm = choice('clock', 'decimal');
export type DurationForm = Static<typeof DurationForm>;
