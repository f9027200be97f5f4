import { billingEndpoints } from './billing/endpoints';
import { peopleEndpoints } from './people/endpoints';
import { resultsEndpoints } from './results/endpoints';
import { reviewEndpoints } from './review/endpoints';
import { timeEndpoints } from './time/endpoints';
import { workEndpoints } from './work/endpoints';

/** Every endpoint of the product, by name. */
export const endpoints = {
  ...peopleEndpoints,
  ...workEndpoints,
  ...timeEndpoints,
  ...reviewEndpoints,
  ...billingEndpoints,
  ...resultsEndpoints,
};

export type Endpoints = typeof endpoints;
export type EndpointName = keyof Endpoints;
