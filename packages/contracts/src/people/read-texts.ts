import { Static, Type } from 'typebox';
import { endpoint, strict } from '../platform/fields';
import { LegalDocument } from './consents';

export const Texts = strict({
  texts: Type.Array(
    strict({
      document: LegalDocument,
      version: Type.String(),
      title: Type.String(),
      paragraphs: Type.Array(Type.String()),
    }),
  ),
});
export type Texts = Static<typeof Texts>;

/** The terms of use and what is done with data, as they are now. */
export const readTexts = endpoint({
  summary: 'The terms of use and what is done with data, as they are now',
  kind: 'open',
  method: 'GET',
  path: '/texts',
  permission: null,
  answer: Texts,
});
