/** Types generated for queries found in "packages/server/src/people/people-facts.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'PeopleFacts' parameters type */
export interface IPeopleFactsParams {
  asker: string;
  people: stringArray;
  reach: string;
}

/** 'PeopleFacts' return type */
export interface IPeopleFactsResult {
  id: string;
  name: string;
  zone: string;
}

/** 'PeopleFacts' query type */
export interface IPeopleFactsQuery {
  params: IPeopleFactsParams;
  result: IPeopleFactsResult;
}

const peopleFactsIR: any = {"usedParamSet":{"reach":true,"asker":true,"people":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":89,"b":95}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":98,"b":104}]},{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":129,"b":136}]}],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\",\n  p.zone as \"zone!\"\nfrom\n  people_in_reach (:reach!, :asker!) p\nwhere\n  p.id = any (:people!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.name as "name!",
 *   p.zone as "zone!"
 * from
 *   people_in_reach (:reach!, :asker!) p
 * where
 *   p.id = any (:people!)
 * ```
 */
export const peopleFacts = new PreparedQuery<IPeopleFactsParams,IPeopleFactsResult>(peopleFactsIR);


