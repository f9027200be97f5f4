/** Types generated for queries found in "packages/server/src/ledger/remove-work.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'ProjectUsed' parameters type */
export interface IProjectUsedParams {
  id: string;
}

/** 'ProjectUsed' return type */
export interface IProjectUsedResult {
  used: boolean;
}

/** 'ProjectUsed' query type */
export interface IProjectUsedQuery {
  params: IProjectUsedParams;
  result: IProjectUsedResult;
}

const projectUsedIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":99,"b":102},{"a":356,"b":359},{"a":458,"b":461},{"a":564,"b":567},{"a":673,"b":676}]}],"statement":"select\n  (\n    exists (\n      select\n      from\n        entry e\n      where\n        e.project_id = :id!\n    )\n    -- What is priced by a rate of it keeps it, wherever it is by now.\n    or exists (\n      select\n      from\n        rate_rule q\n        join entry e on e.firm_id = q.firm_id\n        and e.rate_rule_id = q.id\n      where\n        q.project_id = :id!\n    )\n    or exists (\n      select\n      from\n        timer r\n      where\n        r.project_id = :id!\n    )\n    or exists (\n      select\n      from\n        sheet_row s\n      where\n        s.project_id = :id!\n    )\n    or exists (\n      select\n      from\n        invoice_line l\n      where\n        l.project_id = :id!\n    )\n  ) as \"used!\""};

/**
 * Query generated from SQL:
 * ```
 * select
 *   (
 *     exists (
 *       select
 *       from
 *         entry e
 *       where
 *         e.project_id = :id!
 *     )
 *     -- What is priced by a rate of it keeps it, wherever it is by now.
 *     or exists (
 *       select
 *       from
 *         rate_rule q
 *         join entry e on e.firm_id = q.firm_id
 *         and e.rate_rule_id = q.id
 *       where
 *         q.project_id = :id!
 *     )
 *     or exists (
 *       select
 *       from
 *         timer r
 *       where
 *         r.project_id = :id!
 *     )
 *     or exists (
 *       select
 *       from
 *         sheet_row s
 *       where
 *         s.project_id = :id!
 *     )
 *     or exists (
 *       select
 *       from
 *         invoice_line l
 *       where
 *         l.project_id = :id!
 *     )
 *   ) as "used!"
 * ```
 */
export const projectUsed = new PreparedQuery<IProjectUsedParams,IProjectUsedResult>(projectUsedIR);


/** 'DropRates' parameters type */
export interface IDropRatesParams {
  id: string;
}

/** 'DropRates' return type */
export type IDropRatesResult = void;

/** 'DropRates' query type */
export interface IDropRatesQuery {
  params: IDropRatesParams;
  result: IDropRatesResult;
}

const dropRatesIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":43,"b":46}]}],"statement":"delete from rate_rule\nwhere\n  project_id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * delete from rate_rule
 * where
 *   project_id = :id!
 * ```
 */
export const dropRates = new PreparedQuery<IDropRatesParams,IDropRatesResult>(dropRatesIR);


/** 'DropAgreements' parameters type */
export interface IDropAgreementsParams {
  id: string;
}

/** 'DropAgreements' return type */
export type IDropAgreementsResult = void;

/** 'DropAgreements' query type */
export interface IDropAgreementsQuery {
  params: IDropAgreementsParams;
  result: IDropAgreementsResult;
}

const dropAgreementsIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":43,"b":46}]}],"statement":"delete from agreement\nwhere\n  project_id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * delete from agreement
 * where
 *   project_id = :id!
 * ```
 */
export const dropAgreements = new PreparedQuery<IDropAgreementsParams,IDropAgreementsResult>(dropAgreementsIR);


/** 'DropTasks' parameters type */
export interface IDropTasksParams {
  id: string;
}

/** 'DropTasks' return type */
export type IDropTasksResult = void;

/** 'DropTasks' query type */
export interface IDropTasksQuery {
  params: IDropTasksParams;
  result: IDropTasksResult;
}

const dropTasksIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":38,"b":41}]}],"statement":"delete from task\nwhere\n  project_id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * delete from task
 * where
 *   project_id = :id!
 * ```
 */
export const dropTasks = new PreparedQuery<IDropTasksParams,IDropTasksResult>(dropTasksIR);


/** 'DropProject' parameters type */
export interface IDropProjectParams {
  id: string;
}

/** 'DropProject' return type */
export type IDropProjectResult = void;

/** 'DropProject' query type */
export interface IDropProjectQuery {
  params: IDropProjectParams;
  result: IDropProjectResult;
}

const dropProjectIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":33,"b":36}]}],"statement":"delete from project\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * delete from project
 * where
 *   id = :id!
 * ```
 */
export const dropProject = new PreparedQuery<IDropProjectParams,IDropProjectResult>(dropProjectIR);


/** 'ClientUsed' parameters type */
export interface IClientUsedParams {
  id: string;
}

/** 'ClientUsed' return type */
export interface IClientUsedResult {
  used: boolean;
}

/** 'ClientUsed' query type */
export interface IClientUsedQuery {
  params: IClientUsedParams;
  result: IClientUsedResult;
}

const clientUsedIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":100,"b":103},{"a":201,"b":204},{"a":304,"b":307},{"a":407,"b":410}]}],"statement":"select\n  (\n    exists (\n      select\n      from\n        project p\n      where\n        p.client_id = :id!\n    )\n    or exists (\n      select\n      from\n        entry e\n      where\n        e.client_id = :id!\n    )\n    or exists (\n      select\n      from\n        invoice i\n      where\n        i.client_id = :id!\n    )\n    or exists (\n      select\n      from\n        payment m\n      where\n        m.client_id = :id!\n    )\n  ) as \"used!\""};

/**
 * Query generated from SQL:
 * ```
 * select
 *   (
 *     exists (
 *       select
 *       from
 *         project p
 *       where
 *         p.client_id = :id!
 *     )
 *     or exists (
 *       select
 *       from
 *         entry e
 *       where
 *         e.client_id = :id!
 *     )
 *     or exists (
 *       select
 *       from
 *         invoice i
 *       where
 *         i.client_id = :id!
 *     )
 *     or exists (
 *       select
 *       from
 *         payment m
 *       where
 *         m.client_id = :id!
 *     )
 *   ) as "used!"
 * ```
 */
export const clientUsed = new PreparedQuery<IClientUsedParams,IClientUsedResult>(clientUsedIR);


/** 'DropRatesOfClient' parameters type */
export interface IDropRatesOfClientParams {
  id: string;
}

/** 'DropRatesOfClient' return type */
export type IDropRatesOfClientResult = void;

/** 'DropRatesOfClient' query type */
export interface IDropRatesOfClientQuery {
  params: IDropRatesOfClientParams;
  result: IDropRatesOfClientResult;
}

const dropRatesOfClientIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":42,"b":45}]}],"statement":"delete from rate_rule\nwhere\n  client_id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * delete from rate_rule
 * where
 *   client_id = :id!
 * ```
 */
export const dropRatesOfClient = new PreparedQuery<IDropRatesOfClientParams,IDropRatesOfClientResult>(dropRatesOfClientIR);


/** 'DropClient' parameters type */
export interface IDropClientParams {
  id: string;
}

/** 'DropClient' return type */
export type IDropClientResult = void;

/** 'DropClient' query type */
export interface IDropClientQuery {
  params: IDropClientParams;
  result: IDropClientResult;
}

const dropClientIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":32,"b":35}]}],"statement":"delete from client\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * delete from client
 * where
 *   id = :id!
 * ```
 */
export const dropClient = new PreparedQuery<IDropClientParams,IDropClientResult>(dropClientIR);


