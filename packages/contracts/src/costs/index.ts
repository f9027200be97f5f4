export * from './list-pay';
