import { Count, strict } from '../../platform/fields';
import { Static } from 'typebox';

export const Held = strict({ changed: Count });
export type Held = Static<typeof Held>;
