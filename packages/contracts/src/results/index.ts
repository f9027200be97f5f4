export * from './read-bars';
export * from './read-behind';
export * from './read-overview';
export * from './read-results';
