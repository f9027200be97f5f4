import { FIRM_FUNCTIONS } from '@yellowwood/core';
import { Type } from 'typebox';
import { choice } from '../platform/fields';

/** Functions that a firm leaves out of sight. What was done with them stays. */
export const FunctionsOff = Type.Array(choice(...FIRM_FUNCTIONS), { maxItems: FIRM_FUNCTIONS.length, uniqueItems: true });
