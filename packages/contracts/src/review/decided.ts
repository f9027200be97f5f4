import { Count, Duration, SeenList, strict } from '../platform/fields';
import { Static } from 'typebox';

export const Decided = strict({ decided: Count, seconds: Duration });
export type Decided = Static<typeof Decided>;

/** What was approved, in the versions that it has now: as it may be taken back. */
export const Approved = strict({ decided: Count, seconds: Duration, entries: SeenList });
export type Approved = Static<typeof Approved>;
