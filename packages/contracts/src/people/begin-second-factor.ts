import { Static, Type } from 'typebox';
import { Count, endpoint, strict } from '../platform/fields';
import { Password } from './password';

/** A secret for a device that makes codes, as such devices take it. */
export const NewSecret = strict({
  /** Base32, to be typed. */
  secret: Type.String(),
  /** The address `otpauth:` that devices read. */
  uri: Type.String(),
  /** The same to be scanned: the dark modules as the path of a square picture of so many units. */
  picture: strict({ size: Count, path: Type.String() }),
});
export type NewSecret = Static<typeof NewSecret>;

/** Begin a second factor: a secret for the device that makes codes; it counts once a code of it was typed. */
export const beginSecondFactor = endpoint({
  summary: 'Begin a second factor: a secret for the device that makes codes; it counts once a code of it was typed',
  kind: 'open',
  method: 'POST',
  path: '/account/second-factor',
  permission: null,
  body: strict({ password: Password }),
  answer: NewSecret,
  problems: ['password-wrong', 'second-factor-set', 'too-many-attempts'],
});
