/** Types generated for queries found in "packages/server/src/people/read-person.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type numberArray = (number)[];

export type stringArray = (string)[];

/** 'FactsOfPerson' parameters type */
export interface IFactsOfPersonParams {
  on: string;
  person: string;
}

/** 'FactsOfPerson' return type */
export interface IFactsOfPersonResult {
  dayEnd: string | null;
  dayMaximum: number | null;
  dayStart: string | null;
  departmentId: string | null;
  email: string;
  hours: numberArray | null;
  id: string;
  kind: string;
  name: string;
  plannedFrom: string | null;
  positionFrom: string | null;
  positionId: string | null;
  staffNumber: string;
  startedOn: string;
  version: number;
  ways: stringArray | null;
  weekMaximum: number | null;
  zone: string;
}

/** 'FactsOfPerson' query type */
export interface IFactsOfPersonQuery {
  params: IFactsOfPersonParams;
  result: IFactsOfPersonResult;
}

const factsOfPersonIR: any = {"usedParamSet":{"on":true,"person":true},"params":[{"name":"on","required":true,"transform":{"type":"scalar"},"locs":[{"a":669,"b":672},{"a":790,"b":793}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":811,"b":818}]}],"statement":"select\n  p.id as \"id!\",\n  p.name as \"name!\",\n  p.email as \"email!\",\n  p.staff_number as \"staffNumber!\",\n  p.version as \"version!\",\n  p.kind as \"kind!\",\n  po.position_id as \"positionId?\",\n  po.valid_from as \"positionFrom?\",\n  p.department_id as \"departmentId?\",\n  p.zone as \"zone!\",\n  p.record_ways as \"ways?\",\n  p.day_maximum as \"dayMaximum?\",\n  p.week_maximum as \"weekMaximum?\",\n  s.planned as \"hours?\",\n  s.day_start as \"dayStart?\",\n  s.day_end as \"dayEnd?\",\n  s.valid_from as \"plannedFrom?\",\n  p.started_on as \"startedOn!\"\nfrom\n  person p\n  left join person_position po on po.firm_id = p.firm_id\n  and po.person_id = p.id\n  and holds_on (po.valid_from, po.valid_to, :on!)\n  left join schedule s on s.firm_id = p.firm_id\n  and s.person_id = p.id\n  and holds_on (s.valid_from, s.valid_to, :on!)\nwhere\n  p.id = :person!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   p.id as "id!",
 *   p.name as "name!",
 *   p.email as "email!",
 *   p.staff_number as "staffNumber!",
 *   p.version as "version!",
 *   p.kind as "kind!",
 *   po.position_id as "positionId?",
 *   po.valid_from as "positionFrom?",
 *   p.department_id as "departmentId?",
 *   p.zone as "zone!",
 *   p.record_ways as "ways?",
 *   p.day_maximum as "dayMaximum?",
 *   p.week_maximum as "weekMaximum?",
 *   s.planned as "hours?",
 *   s.day_start as "dayStart?",
 *   s.day_end as "dayEnd?",
 *   s.valid_from as "plannedFrom?",
 *   p.started_on as "startedOn!"
 * from
 *   person p
 *   left join person_position po on po.firm_id = p.firm_id
 *   and po.person_id = p.id
 *   and holds_on (po.valid_from, po.valid_to, :on!)
 *   left join schedule s on s.firm_id = p.firm_id
 *   and s.person_id = p.id
 *   and holds_on (s.valid_from, s.valid_to, :on!)
 * where
 *   p.id = :person!
 * ```
 */
export const factsOfPerson = new PreparedQuery<IFactsOfPersonParams,IFactsOfPersonResult>(factsOfPersonIR);


