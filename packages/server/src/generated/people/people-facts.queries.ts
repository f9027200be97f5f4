/** Types generated for queries found in "packages/server/src/people/people-facts.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'Corrected' parameters type */
export interface ICorrectedParams {
  asker: string;
  firm: string;
  person: string;
  reach: string;
}

/** 'Corrected' return type */
export interface ICorrectedResult {
  absent: boolean;
  id: string;
  zone: string;
}

/** 'Corrected' query type */
export interface ICorrectedQuery {
  params: ICorrectedParams;
  result: ICorrectedResult;
}

const correctedIR: any = {"usedParamSet":{"firm":true,"reach":true,"asker":true,"person":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":164,"b":169}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":250,"b":256}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":259,"b":265}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":285,"b":292}]}],"statement":"select\n  p.id as \"id!\",\n  p.zone as \"zone!\",\n  -- Who has no account here cannot submit: it is done for them.\n  not exists (\n    select\n    from\n      accounts_of (:firm!) a\n    where\n      a.person_id = p.id\n  ) as \"absent!\"\nfrom\n  people_in_reach (:reach!, :asker!) p\nwhere\n  p.id = :person!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.zone as "zone!",
 *   -- Who has no account here cannot submit: it is done for them.
 *   not exists (
 *     select
 *     from
 *       accounts_of (:firm!) a
 *     where
 *       a.person_id = p.id
 *   ) as "absent!"
 * from
 *   people_in_reach (:reach!, :asker!) p
 * where
 *   p.id = :person!
 * ```
 */
export const corrected = new PreparedQuery<ICorrectedParams,ICorrectedResult>(correctedIR);


/** 'PeopleFacts' parameters type */
export interface IPeopleFactsParams {
  asker: string;
  people: stringArray;
  reach: string;
}

/** 'PeopleFacts' return type */
export interface IPeopleFactsResult {
  dayMaximum: number | null;
  id: string;
  name: string;
  ways: stringArray | null;
  weekMaximum: number | null;
  zone: string;
}

/** 'PeopleFacts' query type */
export interface IPeopleFactsQuery {
  params: IPeopleFactsParams;
  result: IPeopleFactsResult;
}

const peopleFactsIR: any = {"usedParamSet":{"reach":true,"asker":true,"people":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":187,"b":193}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":196,"b":202}]},{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":227,"b":234}]}],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\",\n  p.zone as \"zone!\",\n  p.record_ways as \"ways?\",\n  p.day_maximum as \"dayMaximum?\",\n  p.week_maximum as \"weekMaximum?\"\nfrom\n  people_in_reach (:reach!, :asker!) p\nwhere\n  p.id = any (:people!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.name as "name!",
 *   p.zone as "zone!",
 *   p.record_ways as "ways?",
 *   p.day_maximum as "dayMaximum?",
 *   p.week_maximum as "weekMaximum?"
 * from
 *   people_in_reach (:reach!, :asker!) p
 * where
 *   p.id = any (:people!)
 * ```
 */
export const peopleFacts = new PreparedQuery<IPeopleFactsParams,IPeopleFactsResult>(peopleFactsIR);


