export * from './entry';
export * from './entry-change';
export * from './new-entry';
export * from './stage';
export * from './target';
export * from './typed-span';
