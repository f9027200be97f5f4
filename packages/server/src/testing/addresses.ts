import { endpoints } from '@yellowwood/contracts';

/** Where every endpoint is, taken from its description. */
export const addresses = endpoints;
