import { choice } from '../platform/fields';
import { STAGES } from '@yellowwood/core';
import { Static } from 'typebox';

export const Stage = choice(...STAGES);
export type Stage = Static<typeof Stage>;
