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

const clientToChangeIR: any = {"usedParamSet":{"id":true,"reach":true,"asker":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":282,"b":285}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":299,"b":305},{"a":390,"b":396}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":399,"b":405}]}],"statement":"select\n  c.id as \"id!\",\n  c.currency as \"currency!\",\n  c.name as \"name!\",\n  c.address as \"address!\",\n  c.country as \"country!\",\n  c.email as \"email!\",\n  coalesce(c.tax_id, '') as \"taxId!\",\n  c.payment_days as \"paymentDays!\",\n  c.version as \"version!\"\nfrom\n  client c\nwhere\n  c.id = :id!\n  and (\n    :reach!::text = 'firm'\n    or exists (\n      select\n      from\n        projects_to_change (:reach!, :asker!) p\n      where\n        p.client_id = c.id\n    )\n    -- One that has no project yet belongs to nobody in particular.\n    or not exists (\n      select\n      from\n        project p\n      where\n        p.client_id = c.id\n    )\n  )"};

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

const setClientIR: any = {"usedParamSet":{"name":true,"address":true,"country":true,"email":true,"taxId":true,"paymentDays":true,"id":true},"params":[{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":27,"b":32}]},{"name":"address","required":true,"transform":{"type":"scalar"},"locs":[{"a":47,"b":55}]},{"name":"country","required":true,"transform":{"type":"scalar"},"locs":[{"a":70,"b":78}]},{"name":"email","required":true,"transform":{"type":"scalar"},"locs":[{"a":91,"b":97}]},{"name":"taxId","required":true,"transform":{"type":"scalar"},"locs":[{"a":118,"b":124}]},{"name":"paymentDays","required":true,"transform":{"type":"scalar"},"locs":[{"a":149,"b":161}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":201,"b":204}]}],"statement":"update client\nset\n  name = :name!,\n  address = :address!,\n  country = :country!,\n  email = :email!,\n  tax_id = nullif(:taxId!, ''),\n  payment_days = :paymentDays!,\n  version = version + 1\nwhere\n  id = :id!"};

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
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const setClient = new PreparedQuery<ISetClientParams,ISetClientResult>(setClientIR);


