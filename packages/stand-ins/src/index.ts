export * from './mail-catcher';
export type { Caught } from './mail-pages';
