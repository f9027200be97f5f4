import { Static, Type } from 'typebox';
import { Id, Name, Version, strict } from '../platform/fields';

/** What a firm asks of its people when they sign in. */
export const SignInRule = strict({
  /** Those who see money sign in with a second factor. */
  factorForMoney: Type.Boolean(),
});
export type SignInRule = Static<typeof SignInRule>;

export const KnownSignInRule = strict({
  id: Id,
  rule: SignInRule,
  version: Version,
  /** Who sees money, and whether they have a second factor. */
  people: Type.Array(strict({ id: Id, name: Name, factor: Type.Boolean() })),
});
export type KnownSignInRule = Static<typeof KnownSignInRule>;
