import type { Check } from './checks';
export const foundFirm: Check;
