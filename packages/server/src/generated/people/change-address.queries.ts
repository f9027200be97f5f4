/** Types generated for queries found in "packages/server/src/people/change-address.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'WriteAddressChange' parameters type */
export interface IWriteAddressChangeParams {
  account: string;
  email: string;
  id: string;
  now: string;
}

/** 'WriteAddressChange' return type */
export interface IWriteAddressChangeResult {
  write_address_change: undefined | null;
}

/** 'WriteAddressChange' query type */
export interface IWriteAddressChangeQuery {
  params: IWriteAddressChangeParams;
  result: IWriteAddressChangeResult;
}

const writeAddressChangeIR: any = {"usedParamSet":{"id":true,"account":true,"email":true,"now":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":31,"b":34}]},{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":37,"b":45}]},{"name":"email","required":true,"transform":{"type":"scalar"},"locs":[{"a":48,"b":54}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":57,"b":61}]}],"statement":"select\n  write_address_change (:id!, :account!, :email!, :now!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   write_address_change (:id!, :account!, :email!, :now!)
 * ```
 */
export const writeAddressChange = new PreparedQuery<IWriteAddressChangeParams,IWriteAddressChangeResult>(writeAddressChangeIR);


/** 'TakeAddress' parameters type */
export interface ITakeAddressParams {
  account: string;
  hash: string;
  keep: string;
  now: string;
}

/** 'TakeAddress' return type */
export interface ITakeAddressResult {
  id: string;
  was: string;
}

/** 'TakeAddress' query type */
export interface ITakeAddressQuery {
  params: ITakeAddressParams;
  result: ITakeAddressResult;
}

const takeAddressIR: any = {"usedParamSet":{"hash":true,"account":true,"now":true,"keep":true},"params":[{"name":"hash","required":true,"transform":{"type":"scalar"},"locs":[{"a":61,"b":66}]},{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":69,"b":77}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":80,"b":84}]},{"name":"keep","required":true,"transform":{"type":"scalar"},"locs":[{"a":87,"b":92}]}],"statement":"select\n  id as \"id!\",\n  was as \"was!\"\nfrom\n  change_address (:hash!, :account!, :now!, :keep!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!",
 *   was as "was!"
 * from
 *   change_address (:hash!, :account!, :now!, :keep!)
 * ```
 */
export const takeAddress = new PreparedQuery<ITakeAddressParams,ITakeAddressResult>(takeAddressIR);


