export * from './endpoints';
export * from './platform/endpoint';
export * from './platform/problem';
export * from './types';
export { openApi } from './platform/open-api';
