import { Static, Type } from 'typebox';

/** What the link of a message carries. */
export const Token = Type.String({ minLength: 1, maxLength: 100, pattern: '^[\\w-]+$' });
export type Token = Static<typeof Token>;
