import type { Check } from './checks';
export const changeFirm: Check;
export const changeLogo: Check;
export const changePeriods: Check;
export const changeSignInRule: Check;
export const changeTimeRules: Check;
export const changeWords: Check;
