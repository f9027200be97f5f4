import { Static, Type } from 'typebox';
import { choice, strict } from '../platform/fields';

export const LegalDocument = choice('terms', 'data');
export type LegalDocument = Static<typeof LegalDocument>;

/** Which versions of the terms and of what is said about data somebody has read and agrees to. */
export const Consents = strict({
  terms: Type.String({ minLength: 1, maxLength: 20 }),
  data: Type.String({ minLength: 1, maxLength: 20 }),
});
export type Consents = Static<typeof Consents>;
