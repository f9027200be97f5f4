import type { Check } from './checks';
export const addTasks: Check;
export const changeClient: Check;
export const changeProject: Check;
export const changeTask: Check;
export const createClient: Check;
export const createProject: Check;
export const layDown: Check;
export const removeTask: Check;
