import type { Check } from './checks';
export const createProject: Check;
export const layDown: Check;
