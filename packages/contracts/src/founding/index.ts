export * from './found-firm';
