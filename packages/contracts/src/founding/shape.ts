import { PLACES, SIZES, TRADES } from '@yellowwood/core';
import { Static, Type } from 'typebox';
import { FunctionsOff } from '../firm/functions';
import { Count, Duration, FirmPath, Id, Version, choice, endpoint, nullable, strict } from '../platform/fields';
import { Ways } from '../firm/time-rules';

/** What a firm says of itself; null where it has not said it. */
export const Shape = strict({
  place: nullable(choice(...PLACES)),
  size: nullable(choice(...SIZES)),
  trade: nullable(choice(...TRADES)),
});

export const KnownShape = strict({
  id: Id,
  shape: Shape,
  /** Functions that nobody sees. */
  off: FunctionsOff,
  /** How people record, where nothing else is said of them. */
  ways: Ways,
  /** Submitted time that waits for a decision, and of how many people. */
  waiting: strict({ duration: Duration, people: Count }),
  services: Type.Array(strict({ code: Type.String(), name: Type.String(), used: Type.Boolean() })),
  version: Version,
});
export type KnownShape = Static<typeof KnownShape>;

/** What a firm says of itself, and what it uses. */
export const readShape = endpoint({
  summary: 'What a firm says of itself, and what it uses',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/shape',
  permission: 'firm.change',
  params: FirmPath,
  answer: KnownShape,
});

/** Say where the firm's people work, how many they are and what they do, with all that follows from it. */
export const changeShape = endpoint({
  summary: "Say where the firm's people work, how many they are and what they do, with all that follows from it",
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/shape',
  permission: 'firm.change',
  params: FirmPath,
  body: Shape,
  answer: KnownShape,
  problems: ['nothing-to-change'],
});

/** Have functions stand in sight or out of it, for everybody. */
export const changeFunctions = endpoint({
  summary: 'Have functions stand in sight or out of it, for everybody',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/functions',
  permission: 'firm.change',
  params: FirmPath,
  body: strict({ off: FunctionsOff }),
  answer: KnownShape,
  problems: ['nothing-to-change'],
});
