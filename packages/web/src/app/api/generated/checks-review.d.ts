import type { Check } from './checks';
export const approveEntries: Check;
export const recallApproval: Check;
export const reopenEntries: Check;
export const returnEntries: Check;
export const returnPeriod: Check;
export const submitPeriod: Check;
