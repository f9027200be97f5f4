import type { Check } from './checks';
export const moveTask: Check;
