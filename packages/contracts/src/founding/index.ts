export * from './found-firm';
export * from './guide';
export * from './shape';
