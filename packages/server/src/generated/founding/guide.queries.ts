/** Types generated for queries found in "packages/server/src/founding/guide.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

/** 'FirstSteps' parameters type */
export interface IFirstStepsParams {
  person: string;
}

/** 'FirstSteps' return type */
export interface IFirstStepsResult {
  alone: boolean;
  facts: boolean;
  people: boolean;
  placeSaid: boolean;
  recorded: boolean;
  submitted: boolean;
  timing: boolean;
  unbilled: boolean;
  work: boolean;
}

/** 'FirstSteps' query type */
export interface IFirstStepsQuery {
  params: IFirstStepsParams;
  result: IFirstStepsResult;
}

const firstStepsIR: any = {"usedParamSet":{"person":true},"params":[{"name":"person","required":true,"transform":{"type":"scalar"},"locs":[{"a":409,"b":416},{"a":511,"b":518},{"a":615,"b":622},{"a":802,"b":809}]}],"statement":"select\n  f.place is not null as \"placeSaid!\",\n  f.size is not distinct from 'one' as \"alone!\",\n  f.functions_off @> '{invoices}' as \"unbilled!\",\n  cardinality(f.address) > 0 as \"facts!\",\n  (\n    select\n      count(*) > 1\n    from\n      (\n        select\n        from\n          project\n        limit\n          2\n      ) made\n  ) as \"work!\",\n  exists (\n    select\n    from\n      person p\n    where\n      p.id <> :person!\n  ) as \"people!\",\n  exists (\n    select\n    from\n      entry e\n    where\n      e.person_id = :person!\n  ) as \"recorded!\",\n  exists (\n    select\n    from\n      timer t\n    where\n      t.person_id = :person!\n  ) as \"timing!\",\n  exists (\n    select\n    from\n      submission s\n      join timesheet t on t.firm_id = s.firm_id\n      and t.id = s.timesheet_id\n    where\n      t.person_id = :person!\n  ) as \"submitted!\"\nfrom\n  firm f"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   f.place is not null as "placeSaid!",
 *   f.size is not distinct from 'one' as "alone!",
 *   f.functions_off @> '{invoices}' as "unbilled!",
 *   cardinality(f.address) > 0 as "facts!",
 *   (
 *     select
 *       count(*) > 1
 *     from
 *       (
 *         select
 *         from
 *           project
 *         limit
 *           2
 *       ) made
 *   ) as "work!",
 *   exists (
 *     select
 *     from
 *       person p
 *     where
 *       p.id <> :person!
 *   ) as "people!",
 *   exists (
 *     select
 *     from
 *       entry e
 *     where
 *       e.person_id = :person!
 *   ) as "recorded!",
 *   exists (
 *     select
 *     from
 *       timer t
 *     where
 *       t.person_id = :person!
 *   ) as "timing!",
 *   exists (
 *     select
 *     from
 *       submission s
 *       join timesheet t on t.firm_id = s.firm_id
 *       and t.id = s.timesheet_id
 *     where
 *       t.person_id = :person!
 *   ) as "submitted!"
 * from
 *   firm f
 * ```
 */
export const firstSteps = new PreparedQuery<IFirstStepsParams,IFirstStepsResult>(firstStepsIR);


