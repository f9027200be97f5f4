/** Types generated for queries found in "packages/server/src/founding/found-firm.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'FoundFirm' parameters type */
export interface IFoundFirmParams {
  account: string;
  country: string;
  currency: string;
  id: string;
  name: string;
  now: string;
  person: string;
  slug: string;
  started: string;
  weekStart: number;
  zone: string;
}

/** 'FoundFirm' return type */
export interface IFoundFirmResult {
  slug: string;
}

/** 'FoundFirm' query type */
export interface IFoundFirmQuery {
  params: IFoundFirmParams;
  result: IFoundFirmResult;
}

const foundFirmIR: any = {"usedParamSet":{"id":true,"slug":true,"name":true,"country":true,"currency":true,"zone":true,"weekStart":true,"account":true,"person":true,"started":true,"now":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":26,"b":29}]},{"name":"slug","required":true,"transform":{"type":"scalar"},"locs":[{"a":36,"b":41}]},{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":48,"b":53}]},{"name":"country","required":true,"transform":{"type":"scalar"},"locs":[{"a":60,"b":68}]},{"name":"currency","required":true,"transform":{"type":"scalar"},"locs":[{"a":75,"b":84}]},{"name":"zone","required":true,"transform":{"type":"scalar"},"locs":[{"a":91,"b":96}]},{"name":"weekStart","required":true,"transform":{"type":"scalar"},"locs":[{"a":103,"b":113}]},{"name":"account","required":true,"transform":{"type":"scalar"},"locs":[{"a":120,"b":128}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":135,"b":142}]},{"name":"started","required":true,"transform":{"type":"scalar"},"locs":[{"a":149,"b":157}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":164,"b":168}]}],"statement":"select\n  found_firm (\n    :id!,\n    :slug!,\n    :name!,\n    :country!,\n    :currency!,\n    :zone!,\n    :weekStart!,\n    :account!,\n    :person!,\n    :started!,\n    :now!\n  ) as \"slug!\""};

/**
 * Query generated from SQL:
 * ```
 * select
 *   found_firm (
 *     :id!,
 *     :slug!,
 *     :name!,
 *     :country!,
 *     :currency!,
 *     :zone!,
 *     :weekStart!,
 *     :account!,
 *     :person!,
 *     :started!,
 *     :now!
 *   ) as "slug!"
 * ```
 */
export const foundFirm = new PreparedQuery<IFoundFirmParams,IFoundFirmResult>(foundFirmIR);


/** 'AddSeries' parameters type */
export interface IAddSeriesParams {
  firm: string;
  prefix: string;
  series: string;
}

/** 'AddSeries' return type */
export type IAddSeriesResult = void;

/** 'AddSeries' query type */
export interface IAddSeriesQuery {
  params: IAddSeriesParams;
  result: IAddSeriesResult;
}

const addSeriesIR: any = {"usedParamSet":{"firm":true,"series":true,"prefix":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":78,"b":83}]},{"name":"series","required":true,"transform":{"type":"scalar"},"locs":[{"a":86,"b":93}]},{"name":"prefix","required":true,"transform":{"type":"scalar"},"locs":[{"a":96,"b":103}]}],"statement":"insert into\n  invoice_series (firm_id, series, prefix, next_number)\nvalues\n  (:firm!, :series!, :prefix!, 1)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   invoice_series (firm_id, series, prefix, next_number)
 * values
 *   (:firm!, :series!, :prefix!, 1)
 * ```
 */
export const addSeries = new PreparedQuery<IAddSeriesParams,IAddSeriesResult>(addSeriesIR);


/** 'AddTaxRate' parameters type */
export interface IAddTaxRateParams {
  category: string;
  firm: string;
  name: string;
  rate: number;
  reason: string;
  validFrom: string;
}

/** 'AddTaxRate' return type */
export type IAddTaxRateResult = void;

/** 'AddTaxRate' query type */
export interface IAddTaxRateQuery {
  params: IAddTaxRateParams;
  result: IAddTaxRateResult;
}

const addTaxRateIR: any = {"usedParamSet":{"firm":true,"category":true,"name":true,"rate":true,"reason":true,"validFrom":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":85,"b":90}]},{"name":"category","required":true,"transform":{"type":"scalar"},"locs":[{"a":93,"b":102}]},{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":105,"b":110}]},{"name":"rate","required":true,"transform":{"type":"scalar"},"locs":[{"a":113,"b":118}]},{"name":"reason","required":true,"transform":{"type":"scalar"},"locs":[{"a":121,"b":128}]},{"name":"validFrom","required":true,"transform":{"type":"scalar"},"locs":[{"a":131,"b":141}]}],"statement":"insert into\n  tax_rate (firm_id, category, name, rate, reason, valid_from)\nvalues\n  (:firm!, :category!, :name!, :rate!, :reason!, :validFrom!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   tax_rate (firm_id, category, name, rate, reason, valid_from)
 * values
 *   (:firm!, :category!, :name!, :rate!, :reason!, :validFrom!)
 * ```
 */
export const addTaxRate = new PreparedQuery<IAddTaxRateParams,IAddTaxRateResult>(addTaxRateIR);


/** 'AddPosition' parameters type */
export interface IAddPositionParams {
  firm: string;
  id: string;
  name: string;
}

/** 'AddPosition' return type */
export type IAddPositionResult = void;

/** 'AddPosition' query type */
export interface IAddPositionQuery {
  params: IAddPositionParams;
  result: IAddPositionResult;
}

const addPositionIR: any = {"usedParamSet":{"firm":true,"id":true,"name":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":52,"b":57}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":60,"b":63}]},{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":66,"b":71}]}],"statement":"insert into\n  position(firm_id, id, name)\nvalues\n  (:firm!, :id!, :name!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   position(firm_id, id, name)
 * values
 *   (:firm!, :id!, :name!)
 * ```
 */
export const addPosition = new PreparedQuery<IAddPositionParams,IAddPositionResult>(addPositionIR);


/** 'GivePosition' parameters type */
export interface IGivePositionParams {
  firm: string;
  person: string;
  position: string;
  validFrom: string;
}

/** 'GivePosition' return type */
export type IGivePositionResult = void;

/** 'GivePosition' query type */
export interface IGivePositionQuery {
  params: IGivePositionParams;
  result: IGivePositionResult;
}

const givePositionIR: any = {"usedParamSet":{"firm":true,"person":true,"position":true,"validFrom":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":86,"b":91}]},{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":94,"b":101}]},{"name":"position","required":true,"transform":{"type":"scalar"},"locs":[{"a":104,"b":113}]},{"name":"validFrom","required":true,"transform":{"type":"scalar"},"locs":[{"a":116,"b":126}]}],"statement":"insert into\n  person_position (firm_id, person_id, position_id, valid_from)\nvalues\n  (:firm!, :person!, :position!, :validFrom!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   person_position (firm_id, person_id, position_id, valid_from)
 * values
 *   (:firm!, :person!, :position!, :validFrom!)
 * ```
 */
export const givePosition = new PreparedQuery<IGivePositionParams,IGivePositionResult>(givePositionIR);


/** 'AddDepartment' parameters type */
export interface IAddDepartmentParams {
  firm: string;
  id: string;
  name: string;
}

/** 'AddDepartment' return type */
export type IAddDepartmentResult = void;

/** 'AddDepartment' query type */
export interface IAddDepartmentQuery {
  params: IAddDepartmentParams;
  result: IAddDepartmentResult;
}

const addDepartmentIR: any = {"usedParamSet":{"firm":true,"id":true,"name":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":55,"b":60}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":63,"b":66}]},{"name":"name","required":true,"transform":{"type":"scalar"},"locs":[{"a":69,"b":74}]}],"statement":"insert into\n  department (firm_id, id, name)\nvalues\n  (:firm!, :id!, :name!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   department (firm_id, id, name)
 * values
 *   (:firm!, :id!, :name!)
 * ```
 */
export const addDepartment = new PreparedQuery<IAddDepartmentParams,IAddDepartmentResult>(addDepartmentIR);


