import { AbsenceFacts, absence } from './absence';
import { FeeFacts, fee } from './fee';
import { TimeFacts, time } from './time';

/** Every kind of entry, by name. A new kind is a file of the same shape, a line here and its side table. */
export const KINDS = { time, absence, fee };

export type KindName = keyof typeof KINDS;
export const KIND_NAMES = Object.keys(KINDS) as KindName[];

/** What the kinds have apart from each other, together: each is null or zero where an entry is of another kind. */
export type SideFacts = TimeFacts & AbsenceFacts & FeeFacts;

/** The side facts of an entry that has none. */
export const NO_SIDE: SideFacts = { ...time.noSide, ...absence.noSide, ...fee.noSide };
