import { Static, Type } from 'typebox';
import { Count, strict } from '../platform/fields';

/** What somebody types besides the password: six digits from their device, or a recovery code. */
export const Code = Type.String({ minLength: 6, maxLength: 40, pattern: '^[\\sA-Za-z0-9-]+$' });
export type Code = Static<typeof Code>;

/** Whether the account has a second factor, and how many recovery codes are left. */
export const SecondFactor = strict({ set: Type.Boolean(), codes: Count });
export type SecondFactor = Static<typeof SecondFactor>;

/** Codes that each work once; they are told once. */
export const RecoveryCodes = strict({ codes: Type.Array(Type.String()) });
export type RecoveryCodes = Static<typeof RecoveryCodes>;
