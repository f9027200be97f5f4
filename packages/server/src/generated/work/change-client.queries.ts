/** Types generated for queries found in "packages/server/src/work/change-client.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'ClientToChange' parameters type */
export interface IClientToChangeParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'ClientToChange' return type */
export interface IClientToChangeResult {
  address: stringArray;
  archived: boolean;
  country: string;
  currency: string;
  email: string;
  id: string;
  name: string;
  paymentDays: number;
  taxId: string;
  version: number;
}

/** 'ClientToChange' query type */
export interface IClientToChangeQuery {
  params: IClientToChangeParams;
  result: IClientToChangeResult;
}

const clientToChangeIR: any = {"usedParamSet":{"id":true,"reach":true,"asker":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":311,"b":314}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":328,"b":334},{"a":419,"b":425}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":428,"b":434}]}],"statement":"select\n  c.id as \"id!\",\n  c.currency as \"currency!\",\n  c.name as \"name!\",\n  c.address as \"address!\",\n  c.country as \"country!\",\n  c.email as \"email!\",\n  coalesce(c.tax_id, '') as \"taxId!\",\n  c.payment_days as \"paymentDays!\",\n  c.archived as \"archived!\",\n  c.version as \"version!\"\nfrom\n  client c\nwhere\n  c.id = :id!\n  and (\n    :reach!::text = 'firm'\n    or exists (\n      select\n      from\n        projects_to_change (:reach!, :asker!) p\n      where\n        p.client_id = c.id\n    )\n    -- One that has no project yet belongs to nobody in particular.\n    or not exists (\n      select\n      from\n        project p\n      where\n        p.client_id = c.id\n    )\n  )"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   c.id as "id!",
 *   c.currency as "currency!",
 *   c.name as "name!",
 *   c.address as "address!",
 *   c.country as "country!",
 *   c.email as "email!",
 *   coalesce(c.tax_id, '') as "taxId!",
 *   c.payment_days as "paymentDays!",
 *   c.archived as "archived!",
 *   c.version as "version!"
 * from
 *   client c
 * where
 *   c.id = :id!
 *   and (
 *     :reach!::text = 'firm'
 *     or exists (
 *       select
 *       from
 *         projects_to_change (:reach!, :asker!) p
 *       where
 *         p.client_id = c.id
 *     )
 *     -- One that has no project yet belongs to nobody in particular.
 *     or not exists (
 *       select
 *       from
 *         project p
 *       where
 *         p.client_id = c.id
 *     )
 *   )
 * ```
 */
export const clientToChange = new PreparedQuery<IClientToChangeParams,IClientToChangeResult>(clientToChangeIR);


/** 'SetClient' parameters type */
export interface ISetClientParams {
  address: stringArray;
  archived: boolean;
  country: string;
  email: string;
  id: string;
  name: string;
  paymentDays: number;
  taxId: string;
}

/** 'SetClient' return type */
export type ISetClientResult = void;

/** 'SetClient' query type */
export interface ISetClientQuery {
  params: ISetClientParams;
  result: ISetClientResult;
}

const setClientIR: any = {"usedParamSet":{"name":true,"address":true,"country":true,"email":true,"taxId":true,"paymentDays":true,"archived":true,"id":true},"params":[{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":27,"b":32}]},{"name":"address","required":true,"transform":{"type":"scalar"},"locs":[{"a":47,"b":55}]},{"name":"country","required":true,"transform":{"type":"scalar"},"locs":[{"a":70,"b":78}]},{"name":"email","required":true,"transform":{"type":"scalar"},"locs":[{"a":91,"b":97}]},{"name":"taxId","required":true,"transform":{"type":"scalar"},"locs":[{"a":118,"b":124}]},{"name":"paymentDays","required":true,"transform":{"type":"scalar"},"locs":[{"a":149,"b":161}]},{"name":"archived","required":true,"transform":{"type":"scalar"},"locs":[{"a":177,"b":186}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":226,"b":229}]}],"statement":"update client\nset\n  name = :name!,\n  address = :address!,\n  country = :country!,\n  email = :email!,\n  tax_id = nullif(:taxId!, ''),\n  payment_days = :paymentDays!,\n  archived = :archived!,\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update client
 * set
 *   name = :name!,
 *   address = :address!,
 *   country = :country!,
 *   email = :email!,
 *   tax_id = nullif(:taxId!, ''),
 *   payment_days = :paymentDays!,
 *   archived = :archived!,
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const setClient = new PreparedQuery<ISetClientParams,ISetClientResult>(setClientIR);


/** 'ProjectsUnderWay' parameters type */
export interface IProjectsUnderWayParams {
  client: string;
}

/** 'ProjectsUnderWay' return type */
export interface IProjectsUnderWayResult {
  projects: number;
}

/** 'ProjectsUnderWay' query type */
export interface IProjectsUnderWayQuery {
  params: IProjectsUnderWayParams;
  result: IProjectsUnderWayResult;
}

const projectsUnderWayIR: any = {"usedParamSet":{"client":true},"params":[{"name":"client","required":true,"transform":{"type":"scalar"},"locs":[{"a":72,"b":79}]}],"statement":"select\n  count(*) as \"projects!\"\nfrom\n  project p\nwhere\n  p.client_id = :client!\n  and is_live (p)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   count(*) as "projects!"
 * from
 *   project p
 * where
 *   p.client_id = :client!
 *   and is_live (p)
 * ```
 */
export const projectsUnderWay = new PreparedQuery<IProjectsUnderWayParams,IProjectsUnderWayResult>(projectsUnderWayIR);


