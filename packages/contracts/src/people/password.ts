import { Static, Type } from 'typebox';

export const Password = Type.String({ minLength: 1, maxLength: 200, pattern: '\\S' });
export type Password = Static<typeof Password>;
