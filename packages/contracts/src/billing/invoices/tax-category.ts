import { choice } from '../../platform/fields';
import { TAX_CATEGORIES } from '@yellowwood/core';
import { Static } from 'typebox';

export const TaxCategoryField = choice(...TAX_CATEGORIES);
export type TaxCategoryField = Static<typeof TaxCategoryField>;
