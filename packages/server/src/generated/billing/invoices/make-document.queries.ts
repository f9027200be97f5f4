/** Types generated for queries found in "packages/server/src/billing/invoices/make-document.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type stringArray = (string)[];

/** 'AgreementsOfProjects' parameters type */
export interface IAgreementsOfProjectsParams {
  projects: stringArray;
}

/** 'AgreementsOfProjects' return type */
export interface IAgreementsOfProjectsResult {
  currency: string;
  decimalPlaces: number | null;
  id: string;
  projectId: string;
  validFrom: string;
  validTo: string | null;
}

/** 'AgreementsOfProjects' query type */
export interface IAgreementsOfProjectsQuery {
  params: IAgreementsOfProjectsParams;
  result: IAgreementsOfProjectsResult;
}

const agreementsOfProjectsIR: any = {"usedParamSet":{"projects":true},"params":[{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":231,"b":240}]}],"statement":"select\n  a.id as \"id!\",\n  a.project_id as \"projectId!\",\n  a.currency as \"currency!\",\n  a.decimal_places as \"decimalPlaces?\",\n  a.valid_from as \"validFrom!\",\n  a.valid_to as \"validTo?\"\nfrom\n  agreement a\nwhere\n  a.project_id = any (:projects!)\norder by\n  a.valid_from"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   a.id as "id!",
 *   a.project_id as "projectId!",
 *   a.currency as "currency!",
 *   a.decimal_places as "decimalPlaces?",
 *   a.valid_from as "validFrom!",
 *   a.valid_to as "validTo?"
 * from
 *   agreement a
 * where
 *   a.project_id = any (:projects!)
 * order by
 *   a.valid_from
 * ```
 */
export const agreementsOfProjects = new PreparedQuery<IAgreementsOfProjectsParams,IAgreementsOfProjectsResult>(agreementsOfProjectsIR);


/** 'ProjectsOfEntries' parameters type */
export interface IProjectsOfEntriesParams {
  ids: stringArray;
}

/** 'ProjectsOfEntries' return type */
export interface IProjectsOfEntriesResult {
  projectId: string;
}

/** 'ProjectsOfEntries' query type */
export interface IProjectsOfEntriesQuery {
  params: IProjectsOfEntriesParams;
  result: IProjectsOfEntriesResult;
}

const projectsOfEntriesIR: any = {"usedParamSet":{"ids":true},"params":[{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":82,"b":86}]}],"statement":"select distinct\n  e.project_id as \"projectId!\"\nfrom\n  entry e\nwhere\n  e.id = any (:ids!)\n  and e.project_id is not null"};

/**
 * Query generated from SQL:
 * ```
 * select distinct
 *   e.project_id as "projectId!"
 * from
 *   entry e
 * where
 *   e.id = any (:ids!)
 *   and e.project_id is not null
 * ```
 */
export const projectsOfEntries = new PreparedQuery<IProjectsOfEntriesParams,IProjectsOfEntriesResult>(projectsOfEntriesIR);


/** 'BillableEntries' parameters type */
export interface IBillableEntriesParams {
  asker: string;
  draft?: string | null | void;
  ids: stringArray;
  reach: string;
}

/** 'BillableEntries' return type */
export interface IBillableEntriesResult {
  billableQuantity: number;
  billingState: string;
  clientId: string | null;
  holdReason: string | null;
  id: string;
  kind: string;
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
  valueCurrency: string | null;
  valueMinor: number | null;
  workDate: string;
}

/** 'BillableEntries' query type */
export interface IBillableEntriesQuery {
  params: IBillableEntriesParams;
  result: IBillableEntriesResult;
}

const billableEntriesIR: any = {"usedParamSet":{"draft":true,"reach":true,"asker":true,"ids":true},"params":[{"name":"draft","required":false,"transform":{"type":"scalar"},"locs":[{"a":942,"b":947}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":1011,"b":1017}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":1020,"b":1026}]},{"name":"ids","required":true,"transform":{"type":"scalar"},"locs":[{"a":1333,"b":1337}]}],"statement":"select\n  e.id as \"id!\",\n  e.kind as \"kind!\",\n  e.work_date as \"workDate!\",\n  e.client_id as \"clientId?\",\n  e.project_id as \"projectId!\",\n  p.name as \"projectName!\",\n  p.order_reference as \"orderReference!\",\n  e.task_id as \"taskId?\",\n  t.name as \"taskName?\",\n  coalesce(s.name, '') as \"serviceName!\",\n  coalesce(pe.name, '') as \"personName!\",\n  e.note as \"note!\",\n  e.billable_quantity as \"billableQuantity!\",\n  e.rate as \"rate?\",\n  e.value_minor as \"valueMinor?\",\n  e.value_currency as \"valueCurrency?\",\n  e.tax_category as \"taxCategory?\",\n  e.stage as \"stage!\",\n  e.billing_state as \"billingState!\",\n  e.hold_reason as \"holdReason?\",\n  e.billed_quantity - coalesce(\n    (\n      select\n        sum(x.quantity)\n      from\n        line_share x\n        join invoice_line l on l.firm_id = x.firm_id\n        and l.id = x.line_id\n      where\n        x.firm_id = e.firm_id\n        and x.entry_id = e.id\n        and x.live\n        and l.invoice_id = :draft\n    ),\n    0\n  ) as \"takenByOthers!\"\nfrom\n  entries_in_reach (:reach!, :asker!) e\n  join project p on p.firm_id = e.firm_id\n  and p.id = e.project_id\n  left join service s on s.firm_id = e.firm_id\n  and s.id = e.service_id\n  left join person pe on pe.firm_id = e.firm_id\n  and pe.id = e.person_id\n  left join task t on t.firm_id = e.firm_id\n  and t.id = e.task_id\nwhere\n  e.id = any (:ids!)\norder by\n  e.work_date,\n  pe.name,\n  e.id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   e.id as "id!",
 *   e.kind as "kind!",
 *   e.work_date as "workDate!",
 *   e.client_id as "clientId?",
 *   e.project_id as "projectId!",
 *   p.name as "projectName!",
 *   p.order_reference as "orderReference!",
 *   e.task_id as "taskId?",
 *   t.name as "taskName?",
 *   coalesce(s.name, '') as "serviceName!",
 *   coalesce(pe.name, '') as "personName!",
 *   e.note as "note!",
 *   e.billable_quantity as "billableQuantity!",
 *   e.rate as "rate?",
 *   e.value_minor as "valueMinor?",
 *   e.value_currency as "valueCurrency?",
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
 *   entries_in_reach (:reach!, :asker!) e
 *   join project p on p.firm_id = e.firm_id
 *   and p.id = e.project_id
 *   left join service s on s.firm_id = e.firm_id
 *   and s.id = e.service_id
 *   left join person pe on pe.firm_id = e.firm_id
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


/** 'LimitsOfProjects' parameters type */
export interface ILimitsOfProjectsParams {
  currency: string;
  day: string;
  draft?: string | null | void;
  projects: stringArray;
}

/** 'LimitsOfProjects' return type */
export interface ILimitsOfProjectsResult {
  agreementId: string;
  left: number;
  limit: number;
  projectId: string;
  used: number;
}

/** 'LimitsOfProjects' query type */
export interface ILimitsOfProjectsQuery {
  params: ILimitsOfProjectsParams;
  result: ILimitsOfProjectsResult;
}

const limitsOfProjectsIR: any = {"usedParamSet":{"day":true,"draft":true,"projects":true,"currency":true},"params":[{"name":"day","required":true,"transform":{"type":"scalar"},"locs":[{"a":180,"b":184}]},{"name":"draft","required":false,"transform":{"type":"scalar"},"locs":[{"a":187,"b":192}]},{"name":"projects","required":true,"transform":{"type":"scalar"},"locs":[{"a":225,"b":234}]},{"name":"currency","required":true,"transform":{"type":"scalar"},"locs":[{"a":256,"b":265}]}],"statement":"select\n  m.project_id as \"projectId!\",\n  m.agreement_id as \"agreementId!\",\n  m.limit_minor as \"limit!\",\n  m.used_minor as \"used!\",\n  m.left_minor as \"left!\"\nfrom\n  project_limits (:day!, :draft) m\nwhere\n  m.project_id = any (:projects!)\n  and m.currency = :currency!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   m.project_id as "projectId!",
 *   m.agreement_id as "agreementId!",
 *   m.limit_minor as "limit!",
 *   m.used_minor as "used!",
 *   m.left_minor as "left!"
 * from
 *   project_limits (:day!, :draft) m
 * where
 *   m.project_id = any (:projects!)
 *   and m.currency = :currency!
 * ```
 */
export const limitsOfProjects = new PreparedQuery<ILimitsOfProjectsParams,ILimitsOfProjectsResult>(limitsOfProjectsIR);


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

const taxRatesOnIR: any = {"usedParamSet":{"on":true},"params":[{"name":"on","required":true,"transform":{"type":"scalar"},"locs":[{"a":150,"b":153}]}],"statement":"select\n  category as \"category!\",\n  name as \"name!\",\n  rate as \"rate!\",\n  reason as \"reason!\"\nfrom\n  tax_rate\nwhere\n  holds_on (valid_from, valid_to, :on!)"};

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
 *   holds_on (valid_from, valid_to, :on!)
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
  closing: string;
  currency: string;
  logoHeight: number | null;
  logoId: string | null;
  logoWidth: number | null;
  opening: string;
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

const partiesOfIR: any = {"usedParamSet":{"client":true},"params":[{"name":"client","required":true,"transform":{"type":"scalar"},"locs":[{"a":680,"b":687}]}],"statement":"select\n  f.name as \"sellerName!\",\n  f.address as \"sellerAddress!\",\n  f.country as \"sellerCountry!\",\n  f.tax_id as \"sellerTaxId!\",\n  f.email as \"sellerEmail!\",\n  f.payment_details as \"paymentDetails!\",\n  f.opening as \"opening!\",\n  f.closing as \"closing!\",\n  l.id as \"logoId?\",\n  l.width as \"logoWidth?\",\n  l.height as \"logoHeight?\",\n  c.name as \"buyerName!\",\n  c.address as \"buyerAddress!\",\n  c.country as \"buyerCountry!\",\n  c.tax_id as \"buyerTaxId?\",\n  c.email as \"buyerEmail!\",\n  c.currency as \"currency!\",\n  c.payment_days as \"paymentDays!\"\nfrom\n  client c\n  join firm f on f.firm_id = c.firm_id\n  left join logo l on l.firm_id = f.firm_id\n  and l.id = f.logo_id\nwhere\n  c.id = :client!"};

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
 *   f.opening as "opening!",
 *   f.closing as "closing!",
 *   l.id as "logoId?",
 *   l.width as "logoWidth?",
 *   l.height as "logoHeight?",
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
 *   left join logo l on l.firm_id = f.firm_id
 *   and l.id = f.logo_id
 * where
 *   c.id = :client!
 * ```
 */
export const partiesOf = new PreparedQuery<IPartiesOfParams,IPartiesOfResult>(partiesOfIR);


