/** Types generated for queries found in "packages/server/src/billing/pricing/read-entry-why.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'SharesOfEntry' parameters type */
export interface ISharesOfEntryParams {
  entry: string;
}

/** 'SharesOfEntry' return type */
export interface ISharesOfEntryResult {
  invoiceId: string;
  minor: number;
  number: string | null;
  quantity: number;
}

/** 'SharesOfEntry' query type */
export interface ISharesOfEntryQuery {
  params: ISharesOfEntryParams;
  result: ISharesOfEntryResult;
}

const sharesOfEntryIR: any = {"usedParamSet":{"entry":true},"params":[{"name":"entry","required":true,"transform":{"type":"scalar"},"locs":[{"a":308,"b":314}]}],"statement":"select\n  i.id as \"invoiceId!\",\n  i.number_text as \"number?\",\n  sum(s.quantity) as \"quantity!\",\n  sum(s.amount_minor) as \"minor!\"\nfrom\n  line_share s\n  join invoice_line l on l.firm_id = s.firm_id\n  and l.id = s.line_id\n  join invoice i on i.firm_id = l.firm_id\n  and i.id = l.invoice_id\nwhere\n  s.entry_id = :entry!\n  and s.live\ngroup by\n  i.id,\n  i.number_text,\n  i.created_at\norder by\n  i.created_at"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   i.id as "invoiceId!",
 *   i.number_text as "number?",
 *   sum(s.quantity) as "quantity!",
 *   sum(s.amount_minor) as "minor!"
 * from
 *   line_share s
 *   join invoice_line l on l.firm_id = s.firm_id
 *   and l.id = s.line_id
 *   join invoice i on i.firm_id = l.firm_id
 *   and i.id = l.invoice_id
 * where
 *   s.entry_id = :entry!
 *   and s.live
 * group by
 *   i.id,
 *   i.number_text,
 *   i.created_at
 * order by
 *   i.created_at
 * ```
 */
export const sharesOfEntry = new PreparedQuery<ISharesOfEntryParams,ISharesOfEntryResult>(sharesOfEntryIR);


/** 'RulesInWords' parameters type */
export interface IRulesInWordsParams {
  ids: stringArray;
}

/** 'RulesInWords' return type */
export interface IRulesInWordsResult {
  client: string | null;
  currency: string;
  id: string;
  person: string | null;
  position: string | null;
  project: string | null;
  rate: number;
  service: string | null;
  task: string | null;
  validFrom: string;
  validTo: string | null;
}

/** 'RulesInWords' query type */
export interface IRulesInWordsQuery {
  params: IRulesInWordsParams;
  result: IRulesInWordsResult;
}

const rulesInWordsIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":757,"b":761}]}],"statement":"select\n  r.id as \"id!\",\n  r.rate as \"rate!\",\n  r.currency as \"currency!\",\n  r.valid_from as \"validFrom!\",\n  r.valid_to as \"validTo?\",\n  p.name as \"person?\",\n  po.name as \"position?\",\n  s.name as \"service?\",\n  t.name as \"task?\",\n  work_text (pr) as \"project?\",\n  c.name as \"client?\"\nfrom\n  rate_rule r\n  left join person p on p.firm_id = r.firm_id\n  and p.id = r.person_id\n  left join position po on po.firm_id = r.firm_id\n  and po.id = r.position_id\n  left join service s on s.firm_id = r.firm_id\n  and s.id = r.service_id\n  left join task t on t.firm_id = r.firm_id\n  and t.id = r.task_id\n  left join project pr on pr.firm_id = r.firm_id\n  and pr.id = r.project_id\n  left join client c on c.firm_id = r.firm_id\n  and c.id = r.client_id\nwhere\n  r.id = any (:ids!)"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   r.id as "id!",
 *   r.rate as "rate!",
 *   r.currency as "currency!",
 *   r.valid_from as "validFrom!",
 *   r.valid_to as "validTo?",
 *   p.name as "person?",
 *   po.name as "position?",
 *   s.name as "service?",
 *   t.name as "task?",
 *   work_text (pr) as "project?",
 *   c.name as "client?"
 * from
 *   rate_rule r
 *   left join person p on p.firm_id = r.firm_id
 *   and p.id = r.person_id
 *   left join position po on po.firm_id = r.firm_id
 *   and po.id = r.position_id
 *   left join service s on s.firm_id = r.firm_id
 *   and s.id = r.service_id
 *   left join task t on t.firm_id = r.firm_id
 *   and t.id = r.task_id
 *   left join project pr on pr.firm_id = r.firm_id
 *   and pr.id = r.project_id
 *   left join client c on c.firm_id = r.firm_id
 *   and c.id = r.client_id
 * where
 *   r.id = any (:ids!)
 * ```
 */
export const rulesInWords = new PreparedQuery<IRulesInWordsParams,IRulesInWordsResult>(rulesInWordsIR);


