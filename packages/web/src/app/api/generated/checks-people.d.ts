import type { Check } from './checks';
export const changePassword: Check;
export const changePreferences: Check;
export const keepView: Check;
export const signIn: Check;
