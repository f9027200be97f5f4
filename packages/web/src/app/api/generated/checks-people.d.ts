import type { Check } from './checks';
export const changePassword: Check;
export const changePreferences: Check;
export const forgotPassword: Check;
export const keepView: Check;
export const resetPassword: Check;
export const signIn: Check;
