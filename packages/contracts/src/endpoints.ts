import * as billing from './billing';
import * as costs from './costs';
import * as firm from './firm';
import * as founding from './founding';
import * as ledger from './ledger';
import * as people from './people';
import { endpointsOf } from './platform/endpoint';
import * as results from './results';
import * as review from './review';
import * as time from './time';
import * as work from './work';

/** Every endpoint of the product, by the name of the constant that describes it. */
export const endpoints = {
  ...endpointsOf('firm', firm),
  ...endpointsOf('people', people),
  ...endpointsOf('founding', founding),
  ...endpointsOf('work', work),
  ...endpointsOf('costs', costs),
  ...endpointsOf('ledger', ledger),
  ...endpointsOf('time', time),
  ...endpointsOf('review', review),
  ...endpointsOf('billing', billing),
  ...endpointsOf('results', results),
};

export type Endpoints = typeof endpoints;
export type EndpointName = keyof Endpoints;

/** Everything that the domains' files export: the schemas of it are the components of the API's description. */
export const described = {
  ...firm,
  ...people,
  ...founding,
  ...work,
  ...costs,
  ...ledger,
  ...time,
  ...review,
  ...billing,
  ...results,
};
