import type { Check } from './checks';
export const changeFunctions: Check;
export const changeGuide: Check;
export const changeShape: Check;
export const foundFirm: Check;
