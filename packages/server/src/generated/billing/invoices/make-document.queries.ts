/** Types generated for queries found in "packages/server/src/billing/invoices/make-document.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'LockAgreements' parameters type */
export interface ILockAgreementsParams {
  entries: stringArray;
}

/** 'LockAgreements' return type */
export interface ILockAgreementsResult {
  currency: string;
  decimalPlaces: number | null;
  id: string;
  limit: number | null;
  projectId: string;
  validFrom: string;
  validTo: string | null;
}

/** 'LockAgreements' query type */
export interface ILockAgreementsQuery {
  params: ILockAgreementsParams;
  result: ILockAgreementsResult;
}

const lockAgreementsIR: any = {"usedParamSet":{"entries":true},"params":[{"name":"entries","required":true,"transform":{"type":"scalar"},"locs":[{"a":339,"b":347}]}],"statement":"select\n  a.id as \"id!\",\n  a.project_id as \"projectId!\",\n  a.currency as \"currency!\",\n  a.limit_minor as \"limit?\",\n  a.decimal_places as \"decimalPlaces?\",\n  a.valid_from as \"validFrom!\",\n  a.valid_to as \"validTo?\"\nfrom\n  agreement a\nwhere\n  a.project_id in (\n    select\n      e.project_id\n    from\n      entry e\n    where\n      e.id = any (:entries!)\n  )\norder by\n  a.id\nfor update"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   a.id as "id!",
 *   a.project_id as "projectId!",
 *   a.currency as "currency!",
 *   a.limit_minor as "limit?",
 *   a.decimal_places as "decimalPlaces?",
 *   a.valid_from as "validFrom!",
 *   a.valid_to as "validTo?"
 * from
 *   agreement a
 * where
 *   a.project_id in (
 *     select
 *       e.project_id
 *     from
 *       entry e
 *     where
 *       e.id = any (:entries!)
 *   )
 * order by
 *   a.id
 * for update
 * ```
 */
export const lockAgreements = new PreparedQuery<ILockAgreementsParams,ILockAgreementsResult>(lockAgreementsIR);


/** 'ReadAgreements' parameters type */
export interface IReadAgreementsParams {
  entries: stringArray;
}

/** 'ReadAgreements' return type */
export interface IReadAgreementsResult {
  currency: string;
  decimalPlaces: number | null;
  id: string;
  limit: number | null;
  projectId: string;
  validFrom: string;
  validTo: string | null;
}

/** 'ReadAgreements' query type */
export interface IReadAgreementsQuery {
  params: IReadAgreementsParams;
  result: IReadAgreementsResult;
}

const readAgreementsIR: any = {"usedParamSet":{"entries":true},"params":[{"name":"entries","required":true,"transform":{"type":"scalar"},"locs":[{"a":339,"b":347}]}],"statement":"select\n  a.id as \"id!\",\n  a.project_id as \"projectId!\",\n  a.currency as \"currency!\",\n  a.limit_minor as \"limit?\",\n  a.decimal_places as \"decimalPlaces?\",\n  a.valid_from as \"validFrom!\",\n  a.valid_to as \"validTo?\"\nfrom\n  agreement a\nwhere\n  a.project_id in (\n    select\n      e.project_id\n    from\n      entry e\n    where\n      e.id = any (:entries!)\n  )\norder by\n  a.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   a.id as "id!",
 *   a.project_id as "projectId!",
 *   a.currency as "currency!",
 *   a.limit_minor as "limit?",
 *   a.decimal_places as "decimalPlaces?",
 *   a.valid_from as "validFrom!",
 *   a.valid_to as "validTo?"
 * from
 *   agreement a
 * where
 *   a.project_id in (
 *     select
 *       e.project_id
 *     from
 *       entry e
 *     where
 *       e.id = any (:entries!)
 *   )
 * order by
 *   a.id
 * ```
 */
export const readAgreements = new PreparedQuery<IReadAgreementsParams,IReadAgreementsResult>(readAgreementsIR);


/** 'LockEntriesById' parameters type */
export interface ILockEntriesByIdParams {
  ids: stringArray;
}

/** 'LockEntriesById' return type */
export interface ILockEntriesByIdResult {
  id: string;
}

/** 'LockEntriesById' query type */
export interface ILockEntriesByIdQuery {
  params: ILockEntriesByIdParams;
  result: ILockEntriesByIdResult;
}

const lockEntriesByIdIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":52,"b":56}]}],"statement":"select\n  id as \"id!\"\nfrom\n  entry\nwhere\n  id = any (:ids!)\norder by\n  id\nfor update"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!"
 * from
 *   entry
 * where
 *   id = any (:ids!)
 * order by
 *   id
 * for update
 * ```
 */
export const lockEntriesById = new PreparedQuery<ILockEntriesByIdParams,ILockEntriesByIdResult>(lockEntriesByIdIR);


/** 'BillableEntries' parameters type */
export interface IBillableEntriesParams {
  asker: string;
  draft?: string | null | void;
  ids: stringArray;
}

/** 'BillableEntries' return type */
export interface IBillableEntriesResult {
  billableQuantity: number;
  billingState: string;
  clientId: string | null;
  holdReason: string | null;
  id: string;
  note: string;
  orderReference: string;
  personName: string;
  projectId: string;
  projectName: string;
  rate: number | null;
  serviceName: string;
  stage: string;
  takenByOthers: number;
  taskId: string | null;
  taskName: string | null;
  taxCategory: string | null;
  valueMinor: number | null;
  workDate: string;
}

/** 'BillableEntries' query type */
export interface IBillableEntriesQuery {
  params: IBillableEntriesParams;
  result: IBillableEntriesResult;
}

const billableEntriesIR: any = {"usedParamSet":{"draft":true,"asker":true,"ids":true},"params":[{"name":"draft","required":false,"transform":{"type":"scalar"},"locs":[{"a":853,"b":858}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":930,"b":936}]},{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":1233,"b":1237}]}],"statement":"select\n  e.id as \"id!\",\n  e.work_date as \"workDate!\",\n  e.client_id as \"clientId?\",\n  e.project_id as \"projectId!\",\n  p.name as \"projectName!\",\n  p.order_reference as \"orderReference!\",\n  e.task_id as \"taskId?\",\n  t.name as \"taskName?\",\n  s.name as \"serviceName!\",\n  pe.name as \"personName!\",\n  e.note as \"note!\",\n  e.billable_quantity as \"billableQuantity!\",\n  e.rate as \"rate?\",\n  e.value_minor as \"valueMinor?\",\n  e.tax_category as \"taxCategory?\",\n  e.stage as \"stage!\",\n  e.billing_state as \"billingState!\",\n  e.hold_reason as \"holdReason?\",\n  e.billed_quantity - coalesce(\n    (\n      select\n        sum(x.quantity)\n      from\n        line_share x\n        join invoice_line l on l.firm_id = x.firm_id\n        and l.id = x.line_id\n      where\n        x.firm_id = e.firm_id\n        and x.entry_id = e.id\n        and x.live\n        and l.invoice_id = :draft\n    ),\n    0\n  ) as \"takenByOthers!\"\nfrom\n  entries_in_reach ('firm', :asker!) e\n  join project p on p.firm_id = e.firm_id\n  and p.id = e.project_id\n  join service s on s.firm_id = e.firm_id\n  and s.id = e.service_id\n  join person pe on pe.firm_id = e.firm_id\n  and pe.id = e.person_id\n  left join task t on t.firm_id = e.firm_id\n  and t.id = e.task_id\nwhere\n  e.id = any (:ids!)\norder by\n  e.work_date,\n  pe.name,\n  e.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!",
 *   e.work_date as "workDate!",
 *   e.client_id as "clientId?",
 *   e.project_id as "projectId!",
 *   p.name as "projectName!",
 *   p.order_reference as "orderReference!",
 *   e.task_id as "taskId?",
 *   t.name as "taskName?",
 *   s.name as "serviceName!",
 *   pe.name as "personName!",
 *   e.note as "note!",
 *   e.billable_quantity as "billableQuantity!",
 *   e.rate as "rate?",
 *   e.value_minor as "valueMinor?",
 *   e.tax_category as "taxCategory?",
 *   e.stage as "stage!",
 *   e.billing_state as "billingState!",
 *   e.hold_reason as "holdReason?",
 *   e.billed_quantity - coalesce(
 *     (
 *       select
 *         sum(x.quantity)
 *       from
 *         line_share x
 *         join invoice_line l on l.firm_id = x.firm_id
 *         and l.id = x.line_id
 *       where
 *         x.firm_id = e.firm_id
 *         and x.entry_id = e.id
 *         and x.live
 *         and l.invoice_id = :draft
 *     ),
 *     0
 *   ) as "takenByOthers!"
 * from
 *   entries_in_reach ('firm', :asker!) e
 *   join project p on p.firm_id = e.firm_id
 *   and p.id = e.project_id
 *   join service s on s.firm_id = e.firm_id
 *   and s.id = e.service_id
 *   join person pe on pe.firm_id = e.firm_id
 *   and pe.id = e.person_id
 *   left join task t on t.firm_id = e.firm_id
 *   and t.id = e.task_id
 * where
 *   e.id = any (:ids!)
 * order by
 *   e.work_date,
 *   pe.name,
 *   e.id
 * ```
 */
export const billableEntries = new PreparedQuery<IBillableEntriesParams,IBillableEntriesResult>(billableEntriesIR);


/** 'LimitUsed' parameters type */
export interface ILimitUsedParams {
  agreements: stringArray;
  draft?: string | null | void;
}

/** 'LimitUsed' return type */
export interface ILimitUsedResult {
  agreementId: string;
  used: number;
}

/** 'LimitUsed' query type */
export interface ILimitUsedQuery {
  params: ILimitUsedParams;
  result: ILimitUsedResult;
}

const limitUsedIR: any = {"usedParamSet":{"agreements":true,"draft":true},"params":[{"name":"agreements","required":true,"transform":{"type":"scalar"},"locs":[{"a":193,"b":204}]},{"name":"draft","required":false,"transform":{"type":"scalar"},"locs":[{"a":273,"b":278}]}],"statement":"select\n  l.agreement_id as \"agreementId!\",\n  sum(l.net_minor) as \"used!\"\nfrom\n  invoice_line l\n  join invoice i on i.firm_id = l.firm_id\n  and i.id = l.invoice_id\nwhere\n  l.agreement_id = any (:agreements!)\n  and i.status in ('draft', 'issued')\n  and i.id is distinct from :draft\ngroup by\n  l.agreement_id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   l.agreement_id as "agreementId!",
 *   sum(l.net_minor) as "used!"
 * from
 *   invoice_line l
 *   join invoice i on i.firm_id = l.firm_id
 *   and i.id = l.invoice_id
 * where
 *   l.agreement_id = any (:agreements!)
 *   and i.status in ('draft', 'issued')
 *   and i.id is distinct from :draft
 * group by
 *   l.agreement_id
 * ```
 */
export const limitUsed = new PreparedQuery<ILimitUsedParams,ILimitUsedResult>(limitUsedIR);


/** 'TaxRatesOn' parameters type */
export interface ITaxRatesOnParams {
  on: string;
}

/** 'TaxRatesOn' return type */
export interface ITaxRatesOnResult {
  category: string;
  name: string;
  rate: number;
  reason: string;
}

/** 'TaxRatesOn' query type */
export interface ITaxRatesOnQuery {
  params: ITaxRatesOnParams;
  result: ITaxRatesOnResult;
}

const taxRatesOnIR: any = {"usedParamSet":{"on":true},"params":[{"name":"on","required":true,"transform":{"type":"scalar"},"locs":[{"a":132,"b":135},{"a":185,"b":188}]}],"statement":"select\n  category as \"category!\",\n  name as \"name!\",\n  rate as \"rate!\",\n  reason as \"reason!\"\nfrom\n  tax_rate\nwhere\n  valid_from <= :on!\n  and (\n    valid_to is null\n    or valid_to >= :on!\n  )"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   category as "category!",
 *   name as "name!",
 *   rate as "rate!",
 *   reason as "reason!"
 * from
 *   tax_rate
 * where
 *   valid_from <= :on!
 *   and (
 *     valid_to is null
 *     or valid_to >= :on!
 *   )
 * ```
 */
export const taxRatesOn = new PreparedQuery<ITaxRatesOnParams,ITaxRatesOnResult>(taxRatesOnIR);


/** 'PartiesOf' parameters type */
export interface IPartiesOfParams {
  client: string;
}

/** 'PartiesOf' return type */
export interface IPartiesOfResult {
  buyerAddress: stringArray;
  buyerCountry: string;
  buyerEmail: string;
  buyerName: string;
  buyerTaxId: string | null;
  currency: string;
  paymentDays: number;
  paymentDetails: string;
  sellerAddress: stringArray;
  sellerCountry: string;
  sellerEmail: string;
  sellerName: string;
  sellerTaxId: string;
}

/** 'PartiesOf' query type */
export interface IPartiesOfQuery {
  params: IPartiesOfParams;
  result: IPartiesOfResult;
}

const partiesOfIR: any = {"usedParamSet":{"client":true},"params":[{"name":"client","required":true,"transform":{"type":"scalar"},"locs":[{"a":482,"b":489}]}],"statement":"select\n  f.name as \"sellerName!\",\n  f.address as \"sellerAddress!\",\n  f.country as \"sellerCountry!\",\n  f.tax_id as \"sellerTaxId!\",\n  f.email as \"sellerEmail!\",\n  f.payment_details as \"paymentDetails!\",\n  c.name as \"buyerName!\",\n  c.address as \"buyerAddress!\",\n  c.country as \"buyerCountry!\",\n  c.tax_id as \"buyerTaxId?\",\n  c.email as \"buyerEmail!\",\n  c.currency as \"currency!\",\n  c.payment_days as \"paymentDays!\"\nfrom\n  client c\n  join firm f on f.firm_id = c.firm_id\nwhere\n  c.id = :client!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   f.name as "sellerName!",
 *   f.address as "sellerAddress!",
 *   f.country as "sellerCountry!",
 *   f.tax_id as "sellerTaxId!",
 *   f.email as "sellerEmail!",
 *   f.payment_details as "paymentDetails!",
 *   c.name as "buyerName!",
 *   c.address as "buyerAddress!",
 *   c.country as "buyerCountry!",
 *   c.tax_id as "buyerTaxId?",
 *   c.email as "buyerEmail!",
 *   c.currency as "currency!",
 *   c.payment_days as "paymentDays!"
 * from
 *   client c
 *   join firm f on f.firm_id = c.firm_id
 * where
 *   c.id = :client!
 * ```
 */
export const partiesOf = new PreparedQuery<IPartiesOfParams,IPartiesOfResult>(partiesOfIR);


