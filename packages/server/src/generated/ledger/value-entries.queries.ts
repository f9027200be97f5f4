/** Types generated for queries found in "packages/server/src/ledger/value-entries.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'WorkFacts' parameters type */
export interface IWorkFactsParams {
  projects: stringArray;
}

/** 'WorkFacts' return type */
export interface IWorkFactsResult {
  billable: boolean;
  clientId: string | null;
  id: string;
  kind: string;
  open: boolean;
  people: stringArray;
  restricted: boolean;
  taxCategory: string | null;
  what: string;
}

/** 'WorkFacts' query type */
export interface IWorkFactsQuery {
  params: IWorkFactsParams;
  result: IWorkFactsResult;
}

const workFactsIR: any = {"usedParamSet":{"projects":true},"params":[{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":444,"b":453}]}],"statement":"select\n  'project' as \"what!\",\n  p.id as \"id!\",\n  p.client_id as \"clientId?\",\n  takes_time (p) as \"open!\",\n  p.billable as \"billable!\",\n  '' as \"kind!\",\n  c.tax_category as \"taxCategory?\",\n  p.restricted as \"restricted!\",\n  case\n    when p.restricted then array(\n      select\n        named_by (p)\n    )\n    else '{}'\n  end as \"people!\"\nfrom\n  project p\n  left join client c on c.firm_id = p.firm_id\n  and c.id = p.client_id\nwhere\n  p.id = any (:projects!)\nunion all\nselect\n  'service',\n  s.id,\n  null,\n  true,\n  s.billable,\n  s.kind,\n  s.tax_category,\n  false,\n  '{}'\nfrom\n  service s"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   'project' as "what!",
 *   p.id as "id!",
 *   p.client_id as "clientId?",
 *   takes_time (p) as "open!",
 *   p.billable as "billable!",
 *   '' as "kind!",
 *   c.tax_category as "taxCategory?",
 *   p.restricted as "restricted!",
 *   case
 *     when p.restricted then array(
 *       select
 *         named_by (p)
 *     )
 *     else '{}'
 *   end as "people!"
 * from
 *   project p
 *   left join client c on c.firm_id = p.firm_id
 *   and c.id = p.client_id
 * where
 *   p.id = any (:projects!)
 * union all
 * select
 *   'service',
 *   s.id,
 *   null,
 *   true,
 *   s.billable,
 *   s.kind,
 *   s.tax_category,
 *   false,
 *   '{}'
 * from
 *   service s
 * ```
 */
export const workFacts = new PreparedQuery<IWorkFactsParams,IWorkFactsResult>(workFactsIR);


/** 'AgreementsOf' parameters type */
export interface IAgreementsOfParams {
  projects: stringArray;
}

/** 'AgreementsOf' return type */
export interface IAgreementsOfResult {
  currency: string;
  decimalPlaces: number | null;
  id: string;
  increment: number;
  limitMinor: number | null;
  method: string;
  minimum: number;
  mode: string;
  projectId: string;
  unit: string;
  validFrom: string;
  validTo: string | null;
}

/** 'AgreementsOf' query type */
export interface IAgreementsOfQuery {
  params: IAgreementsOfParams;
  result: IAgreementsOfResult;
}

const agreementsOfIR: any = {"usedParamSet":{"projects":true},"params":[{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":398,"b":407}]}],"statement":"select\n  id as \"id!\",\n  project_id as \"projectId!\",\n  method as \"method!\",\n  currency as \"currency!\",\n  limit_minor as \"limitMinor?\",\n  rounding_increment as \"increment!\",\n  rounding_mode as \"mode!\",\n  rounding_unit as \"unit!\",\n  rounding_minimum as \"minimum!\",\n  decimal_places as \"decimalPlaces?\",\n  valid_from as \"validFrom!\",\n  valid_to as \"validTo?\"\nfrom\n  agreement\nwhere\n  project_id = any (:projects!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!",
 *   project_id as "projectId!",
 *   method as "method!",
 *   currency as "currency!",
 *   limit_minor as "limitMinor?",
 *   rounding_increment as "increment!",
 *   rounding_mode as "mode!",
 *   rounding_unit as "unit!",
 *   rounding_minimum as "minimum!",
 *   decimal_places as "decimalPlaces?",
 *   valid_from as "validFrom!",
 *   valid_to as "validTo?"
 * from
 *   agreement
 * where
 *   project_id = any (:projects!)
 * ```
 */
export const agreementsOf = new PreparedQuery<IAgreementsOfParams,IAgreementsOfResult>(agreementsOfIR);


/** 'TaskPaths' parameters type */
export interface ITaskPathsParams {
  tasks: stringArray;
}

/** 'TaskPaths' return type */
export interface ITaskPathsResult {
  id: string;
  path: stringArray;
}

/** 'TaskPaths' query type */
export interface ITaskPathsQuery {
  params: ITaskPathsParams;
  result: ITaskPathsResult;
}

const taskPathsIR: any = {"usedParamSet":{"tasks":true},"params":[{"name":"tasks","required":true,"transform":{"type":"scalar"},"locs":[{"a":171,"b":177}]}],"statement":"with recursive\n  up as (\n    select\n      t.firm_id,\n      t.id as task,\n      t.id,\n      t.parent_id,\n      0 as depth\n    from\n      task t\n    where\n      t.id = any (:tasks!)\n    union all\n    select\n      p.firm_id,\n      up.task,\n      p.id,\n      p.parent_id,\n      up.depth + 1\n    from\n      task p\n      join up on p.firm_id = up.firm_id\n      and p.id = up.parent_id\n  )\nselect\n  task as \"id!\",\n  array_agg(\n    id\n    order by\n      depth\n  ) as \"path!\"\nfrom\n  up\ngroup by\n  task"};

/**
 * Query generated from SQL:
 * ```
 * with recursive
 *   up as (
 *     select
 *       t.firm_id,
 *       t.id as task,
 *       t.id,
 *       t.parent_id,
 *       0 as depth
 *     from
 *       task t
 *     where
 *       t.id = any (:tasks!)
 *     union all
 *     select
 *       p.firm_id,
 *       up.task,
 *       p.id,
 *       p.parent_id,
 *       up.depth + 1
 *     from
 *       task p
 *       join up on p.firm_id = up.firm_id
 *       and p.id = up.parent_id
 *   )
 * select
 *   task as "id!",
 *   array_agg(
 *     id
 *     order by
 *       depth
 *   ) as "path!"
 * from
 *   up
 * group by
 *   task
 * ```
 */
export const taskPaths = new PreparedQuery<ITaskPathsParams,ITaskPathsResult>(taskPathsIR);


/** 'LabourRatesOf' parameters type */
export interface ILabourRatesOfParams {
  people: stringArray;
}

/** 'LabourRatesOf' return type */
export interface ILabourRatesOfResult {
  personId: string;
  positionId: string | null;
  validFrom: string;
  validTo: string | null;
  value: number | null;
  what: string;
}

/** 'LabourRatesOf' query type */
export interface ILabourRatesOfQuery {
  params: ILabourRatesOfParams;
  result: ILabourRatesOfResult;
}

const labourRatesOfIR: any = {"usedParamSet":{"people":true},"params":[{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":214,"b":221},{"a":359,"b":366},{"a":521,"b":528},{"a":817,"b":824}]}],"statement":"select\n  'pay' as \"what!\",\n  r.person_id as \"personId!\",\n  null::uuid as \"positionId?\",\n  r.rate as \"value?\",\n  r.valid_from as \"validFrom!\",\n  r.valid_to as \"validTo?\"\nfrom\n  pay_rate r\nwhere\n  r.person_id = any (:people!)\nunion all\nselect\n  o.kind,\n  o.person_id,\n  null,\n  o.value,\n  o.valid_from,\n  o.valid_to\nfrom\n  overhead o\nwhere\n  o.person_id = any (:people!)\nunion all\nselect\n  'position',\n  p.person_id,\n  p.position_id,\n  null,\n  p.valid_from,\n  p.valid_to\nfrom\n  person_position p\nwhere\n  p.person_id = any (:people!)\nunion all\nselect\n  'standard',\n  p.person_id,\n  p.position_id,\n  s.rate,\n  greatest(p.valid_from, s.valid_from),\n  least(p.valid_to, s.valid_to)\nfrom\n  person_position p\n  join standard_cost_rate s on s.firm_id = p.firm_id\n  and s.position_id = p.position_id\nwhere\n  p.person_id = any (:people!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   'pay' as "what!",
 *   r.person_id as "personId!",
 *   null::uuid as "positionId?",
 *   r.rate as "value?",
 *   r.valid_from as "validFrom!",
 *   r.valid_to as "validTo?"
 * from
 *   pay_rate r
 * where
 *   r.person_id = any (:people!)
 * union all
 * select
 *   o.kind,
 *   o.person_id,
 *   null,
 *   o.value,
 *   o.valid_from,
 *   o.valid_to
 * from
 *   overhead o
 * where
 *   o.person_id = any (:people!)
 * union all
 * select
 *   'position',
 *   p.person_id,
 *   p.position_id,
 *   null,
 *   p.valid_from,
 *   p.valid_to
 * from
 *   person_position p
 * where
 *   p.person_id = any (:people!)
 * union all
 * select
 *   'standard',
 *   p.person_id,
 *   p.position_id,
 *   s.rate,
 *   greatest(p.valid_from, s.valid_from),
 *   least(p.valid_to, s.valid_to)
 * from
 *   person_position p
 *   join standard_cost_rate s on s.firm_id = p.firm_id
 *   and s.position_id = p.position_id
 * where
 *   p.person_id = any (:people!)
 * ```
 */
export const labourRatesOf = new PreparedQuery<ILabourRatesOfParams,ILabourRatesOfResult>(labourRatesOfIR);


/** 'RateRulesFor' parameters type */
export interface IRateRulesForParams {
  people: stringArray;
  projects: stringArray;
}

/** 'RateRulesFor' return type */
export interface IRateRulesForResult {
  clientId: string | null;
  currency: string;
  id: string;
  personId: string | null;
  positionId: string | null;
  projectId: string | null;
  rate: number;
  serviceId: string | null;
  taskId: string | null;
  validFrom: string;
  validTo: string | null;
}

/** 'RateRulesFor' query type */
export interface IRateRulesForQuery {
  params: IRateRulesForParams;
  result: IRateRulesForResult;
}

const rateRulesForIR: any = {"usedParamSet":{"projects":true,"people":true},"params":[{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":398,"b":407},{"a":564,"b":573},{"a":730,"b":739}]},{"name":"people","required":true,"transform":{"type":"scalar"},"locs":[{"a":810,"b":817}]}],"statement":"select\n  r.id as \"id!\",\n  r.client_id as \"clientId?\",\n  r.project_id as \"projectId?\",\n  r.task_id as \"taskId?\",\n  r.service_id as \"serviceId?\",\n  r.position_id as \"positionId?\",\n  r.person_id as \"personId?\",\n  r.currency as \"currency!\",\n  r.rate as \"rate!\",\n  r.valid_from as \"validFrom!\",\n  r.valid_to as \"validTo?\"\nfrom\n  rate_rule r\nwhere\n  (\n    r.project_id is null\n    or r.project_id = any (:projects!)\n  )\n  and (\n    r.client_id is null\n    or r.client_id in (\n      select\n        p.client_id\n      from\n        project p\n      where\n        p.id = any (:projects!)\n    )\n  )\n  and (\n    r.task_id is null\n    or r.task_id in (\n      select\n        t.id\n      from\n        task t\n      where\n        t.project_id = any (:projects!)\n    )\n  )\n  and (\n    r.person_id is null\n    or r.person_id = any (:people!)\n  )"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   r.id as "id!",
 *   r.client_id as "clientId?",
 *   r.project_id as "projectId?",
 *   r.task_id as "taskId?",
 *   r.service_id as "serviceId?",
 *   r.position_id as "positionId?",
 *   r.person_id as "personId?",
 *   r.currency as "currency!",
 *   r.rate as "rate!",
 *   r.valid_from as "validFrom!",
 *   r.valid_to as "validTo?"
 * from
 *   rate_rule r
 * where
 *   (
 *     r.project_id is null
 *     or r.project_id = any (:projects!)
 *   )
 *   and (
 *     r.client_id is null
 *     or r.client_id in (
 *       select
 *         p.client_id
 *       from
 *         project p
 *       where
 *         p.id = any (:projects!)
 *     )
 *   )
 *   and (
 *     r.task_id is null
 *     or r.task_id in (
 *       select
 *         t.id
 *       from
 *         task t
 *       where
 *         t.project_id = any (:projects!)
 *     )
 *   )
 *   and (
 *     r.person_id is null
 *     or r.person_id = any (:people!)
 *   )
 * ```
 */
export const rateRulesFor = new PreparedQuery<IRateRulesForParams,IRateRulesForResult>(rateRulesForIR);


