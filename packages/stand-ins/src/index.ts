export * from './mail-catcher';
