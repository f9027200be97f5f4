export * from './create-project';
export * from './read-work';
