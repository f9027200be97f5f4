import { described, endpoints } from './endpoints';
import type { Endpoint } from './platform/endpoint';
import { openApi } from './platform/open-api';

/** The OpenAPI 3.1 description of the whole API. */
export function apiDescription(version: string) {
  return openApi(endpoints as unknown as Record<string, Endpoint>, version, described);
}
