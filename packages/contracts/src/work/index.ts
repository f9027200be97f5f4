export * from './read-work';
