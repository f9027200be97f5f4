export * from './create-project';
export * from './lay-down';
export * from './read-work';
