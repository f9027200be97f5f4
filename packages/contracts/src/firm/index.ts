export * from './change-firm';
export * from './firm-facts';
export * from './read-firm';
