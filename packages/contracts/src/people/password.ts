import { Static, Type } from 'typebox';

export const Password = Type.String({ minLength: 1, maxLength: 200 });
export type Password = Static<typeof Password>;
