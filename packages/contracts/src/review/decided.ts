import { Count, Duration, strict } from '../platform/fields';
import { Static } from 'typebox';

export const Decided = strict({ decided: Count, seconds: Duration });
export type Decided = Static<typeof Decided>;
