/** Types generated for queries found in "packages/server/src/firm/logo.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'AddLogo' parameters type */
export interface IAddLogoParams {
  firm: string;
  height: number;
  id: string;
  now: string;
  png: Buffer;
  width: number;
}

/** 'AddLogo' return type */
export type IAddLogoResult = void;

/** 'AddLogo' query type */
export interface IAddLogoQuery {
  params: IAddLogoParams;
  result: IAddLogoResult;
}

const addLogoIR: any = {"usedParamSet":{"firm":true,"id":true,"png":true,"width":true,"height":true,"now":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":72,"b":77}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":80,"b":83}]},{"name":"png","required":true,"transform":{"type":"scalar"},"locs":[{"a":86,"b":90}]},{"name":"width","required":true,"transform":{"type":"scalar"},"locs":[{"a":93,"b":99}]},{"name":"height","required":true,"transform":{"type":"scalar"},"locs":[{"a":102,"b":109}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":112,"b":116}]}],"statement":"insert into\n  logo (firm_id, id, png, width, height, made_at)\nvalues\n  (:firm!, :id!, :png!, :width!, :height!, :now!)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   logo (firm_id, id, png, width, height, made_at)
 * values
 *   (:firm!, :id!, :png!, :width!, :height!, :now!)
 * ```
 */
export const addLogo = new PreparedQuery<IAddLogoParams,IAddLogoResult>(addLogoIR);


/** 'SetLogo' parameters type */
export interface ISetLogoParams {
  logo?: string | null | void;
}

/** 'SetLogo' return type */
export type ISetLogoResult = void;

/** 'SetLogo' query type */
export interface ISetLogoQuery {
  params: ISetLogoParams;
  result: ISetLogoResult;
}

const setLogoIR: any = {"usedParamSet":{"logo":true},"params":[{"name":"logo","required":false,"transform":{"type":"scalar"},"locs":[{"a":28,"b":32}]}],"statement":"update firm\nset\n  logo_id = :logo,\n  version = version + 1"};

/**
 * Query generated from SQL:
 * ```
 * update firm
 * set
 *   logo_id = :logo,
 *   version = version + 1
 * ```
 */
export const setLogo = new PreparedQuery<ISetLogoParams,ISetLogoResult>(setLogoIR);


/** 'LogoById' parameters type */
export interface ILogoByIdParams {
  id: string;
}

/** 'LogoById' return type */
export interface ILogoByIdResult {
  png: Buffer;
}

/** 'LogoById' query type */
export interface ILogoByIdQuery {
  params: ILogoByIdParams;
  result: ILogoByIdResult;
}

const logoByIdIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":48,"b":51}]}],"statement":"select\n  png as \"png!\"\nfrom\n  logo\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   png as "png!"
 * from
 *   logo
 * where
 *   id = :id!
 * ```
 */
export const logoById = new PreparedQuery<ILogoByIdParams,ILogoByIdResult>(logoByIdIR);


