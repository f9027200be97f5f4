import { Static, Type } from 'typebox';
import { FirmPath, choice, endpoint, strict } from '../platform/fields';

/** What there is to do in the first hour, in its order, and whether it is done. */
export const Guide = strict({
  steps: Type.Array(
    strict({
      step: choice('place', 'work', 'people', 'facts', 'recorded', 'submitted'),
      done: Type.Boolean(),
    }),
  ),
});
export type Guide = Static<typeof Guide>;

/** What there is to do in one's first hour in this firm. */
export const readGuide = endpoint({
  summary: "What there is to do in one's first hour in this firm",
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/guide',
  permission: null,
  params: FirmPath,
  answer: Guide,
});

/** Have the first steps shown, or not. */
export const changeGuide = endpoint({
  summary: 'Have the first steps shown, or not',
  kind: 'command',
  method: 'PUT',
  path: '/f/:firm/guide',
  permission: null,
  params: FirmPath,
  body: strict({ shown: Type.Boolean() }),
});
