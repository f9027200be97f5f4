import type { Check } from './checks';
export const addTasks: Check;
export const changeTask: Check;
export const createProject: Check;
export const layDown: Check;
export const removeTask: Check;
