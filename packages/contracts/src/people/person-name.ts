import { Static, Type } from 'typebox';

/** The name of a person. */
export const PersonName = Type.String({ minLength: 1, maxLength: 100, pattern: '\\S' });
export type PersonName = Static<typeof PersonName>;
