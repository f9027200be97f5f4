export { bill, record, submitAndApprove } from './acts';
export { differencesOf, ownerContext } from './books';
export { Client, PASSWORD } from './client';
export { PEOPLE } from './found-firm';
export { FRIDAY_EVENING, MONDAY } from './moments';
export { makeWorld } from './world';
export type { Who } from './found-firm';
export type { World } from './world';
