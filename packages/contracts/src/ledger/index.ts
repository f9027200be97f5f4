export * from './entry';
export * from './entry-change';
export * from './facts';
export * from './move-task';
export * from './new-entry';
export * from './stage';
export * from './typed-span';
