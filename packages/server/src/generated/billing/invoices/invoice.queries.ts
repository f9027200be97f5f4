/** Types generated for queries found in "packages/server/src/billing/invoices/invoice.sql" */
import { PreparedQuery } from '@pgtyped/runtime';

export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

/** 'TakeNumber' parameters type */
export interface ITakeNumberParams {
  series: string;
}

/** 'TakeNumber' return type */
export interface ITakeNumberResult {
  number: number;
  prefix: string;
}

/** 'TakeNumber' query type */
export interface ITakeNumberQuery {
  params: ITakeNumberParams;
  result: ITakeNumberResult;
}

const takeNumberIR: any = {"usedParamSet":{"series":true},"params":[{"name":"series","required":true,"transform":{"type":"scalar"},"locs":[{"a":75,"b":82}]}],"statement":"update invoice_series\nset\n  next_number = next_number + 1\nwhere\n  series = :series!\nreturning\n  prefix as \"prefix!\",\n  next_number - 1 as \"number!\""};

/**
 * Query generated from SQL:
 * ```
 * update invoice_series
 * set
 *   next_number = next_number + 1
 * where
 *   series = :series!
 * returning
 *   prefix as "prefix!",
 *   next_number - 1 as "number!"
 * ```
 */
export const takeNumber = new PreparedQuery<ITakeNumberParams,ITakeNumberResult>(takeNumberIR);


/** 'InsertInvoice' parameters type */
export interface IInsertInvoiceParams {
  by: string;
  client: string;
  credits?: string | null | void;
  currency: string;
  firm: string;
  gross: number;
  grouping?: string | null | void;
  id: string;
  kind: string;
  net: number;
  now: string;
  reason: string;
  series: string;
  supplyFrom: string;
  supplyTo: string;
  tax: number;
  upTo?: string | null | void;
  wish?: Json | null | void;
}

/** 'InsertInvoice' return type */
export type IInsertInvoiceResult = void;

/** 'InsertInvoice' query type */
export interface IInsertInvoiceQuery {
  params: IInsertInvoiceParams;
  result: IInsertInvoiceResult;
}

const insertInvoiceIR: any = {"usedParamSet":{"firm":true,"id":true,"kind":true,"series":true,"client":true,"currency":true,"upTo":true,"grouping":true,"supplyFrom":true,"supplyTo":true,"net":true,"tax":true,"gross":true,"credits":true,"reason":true,"wish":true,"by":true,"now":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":300,"b":305}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":312,"b":315}]},{"name":"kind","required":true,"transform":{"type":"scalar"},"locs":[{"a":322,"b":327}]},{"name":"series","required":true,"transform":{"type":"scalar"},"locs":[{"a":347,"b":354}]},{"name":"client","required":true,"transform":{"type":"scalar"},"locs":[{"a":361,"b":368}]},{"name":"currency","required":true,"transform":{"type":"scalar"},"locs":[{"a":375,"b":384}]},{"name":"upTo","required":false,"transform":{"type":"scalar"},"locs":[{"a":391,"b":395}]},{"name":"grouping","required":false,"transform":{"type":"scalar"},"locs":[{"a":402,"b":410}]},{"name":"supplyFrom","required":true,"transform":{"type":"scalar"},"locs":[{"a":417,"b":428}]},{"name":"supplyTo","required":true,"transform":{"type":"scalar"},"locs":[{"a":435,"b":444}]},{"name":"net","required":true,"transform":{"type":"scalar"},"locs":[{"a":451,"b":455}]},{"name":"tax","required":true,"transform":{"type":"scalar"},"locs":[{"a":462,"b":466}]},{"name":"gross","required":true,"transform":{"type":"scalar"},"locs":[{"a":473,"b":479}]},{"name":"credits","required":false,"transform":{"type":"scalar"},"locs":[{"a":486,"b":493}]},{"name":"reason","required":true,"transform":{"type":"scalar"},"locs":[{"a":500,"b":507}]},{"name":"wish","required":false,"transform":{"type":"scalar"},"locs":[{"a":514,"b":518}]},{"name":"by","required":true,"transform":{"type":"scalar"},"locs":[{"a":525,"b":528}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":535,"b":539}]}],"statement":"insert into\n  invoice (\n    firm_id,\n    id,\n    kind,\n    status,\n    series,\n    client_id,\n    currency,\n    up_to,\n    grouping,\n    supply_from,\n    supply_to,\n    net_minor,\n    tax_minor,\n    gross_minor,\n    credits_id,\n    reason,\n    wish,\n    created_by,\n    created_at\n  )\nvalues\n  (\n    :firm!,\n    :id!,\n    :kind!,\n    'draft',\n    :series!,\n    :client!,\n    :currency!,\n    :upTo,\n    :grouping,\n    :supplyFrom!,\n    :supplyTo!,\n    :net!,\n    :tax!,\n    :gross!,\n    :credits,\n    :reason!,\n    :wish,\n    :by!,\n    :now!\n  )"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   invoice (
 *     firm_id,
 *     id,
 *     kind,
 *     status,
 *     series,
 *     client_id,
 *     currency,
 *     up_to,
 *     grouping,
 *     supply_from,
 *     supply_to,
 *     net_minor,
 *     tax_minor,
 *     gross_minor,
 *     credits_id,
 *     reason,
 *     wish,
 *     created_by,
 *     created_at
 *   )
 * values
 *   (
 *     :firm!,
 *     :id!,
 *     :kind!,
 *     'draft',
 *     :series!,
 *     :client!,
 *     :currency!,
 *     :upTo,
 *     :grouping,
 *     :supplyFrom!,
 *     :supplyTo!,
 *     :net!,
 *     :tax!,
 *     :gross!,
 *     :credits,
 *     :reason!,
 *     :wish,
 *     :by!,
 *     :now!
 *   )
 * ```
 */
export const insertInvoice = new PreparedQuery<IInsertInvoiceParams,IInsertInvoiceResult>(insertInvoiceIR);


/** 'InsertLines' parameters type */
export interface IInsertLinesParams {
  firm: string;
  invoice: string;
  lines: Json;
}

/** 'InsertLines' return type */
export type IInsertLinesResult = void;

/** 'InsertLines' query type */
export interface IInsertLinesQuery {
  params: IInsertLinesParams;
  result: IInsertLinesResult;
}

const insertLinesIR: any = {"usedParamSet":{"firm":true,"invoice":true,"lines":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":268,"b":273}]},{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":286,"b":294}]},{"name":"lines","required":true,"transform":{"type":"scalar"},"locs":[{"a":511,"b":517}]}],"statement":"insert into\n  invoice_line (\n    firm_id,\n    id,\n    invoice_id,\n    place,\n    key,\n    kind,\n    project_id,\n    agreement_id,\n    text,\n    text_edited,\n    quantity,\n    rate,\n    decimal_places,\n    category,\n    tax_rate,\n    net_minor,\n    reason\n  )\nselect\n  :firm!,\n  l.id,\n  :invoice!,\n  l.place,\n  l.key,\n  l.kind,\n  l.\"projectId\",\n  l.\"agreementId\",\n  l.text,\n  l.\"textEdited\",\n  l.quantity,\n  l.rate,\n  l.\"decimalPlaces\",\n  l.category,\n  l.\"taxRate\",\n  l.net,\n  l.reason\nfrom\n  jsonb_to_recordset(:lines!) as l (\n    id uuid,\n    place int,\n    key text,\n    kind text,\n    \"projectId\" uuid,\n    \"agreementId\" uuid,\n    text text,\n    \"textEdited\" boolean,\n    quantity bigint,\n    rate bigint,\n    \"decimalPlaces\" int,\n    category text,\n    \"taxRate\" bigint,\n    net bigint,\n    reason text\n  )"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   invoice_line (
 *     firm_id,
 *     id,
 *     invoice_id,
 *     place,
 *     key,
 *     kind,
 *     project_id,
 *     agreement_id,
 *     text,
 *     text_edited,
 *     quantity,
 *     rate,
 *     decimal_places,
 *     category,
 *     tax_rate,
 *     net_minor,
 *     reason
 *   )
 * select
 *   :firm!,
 *   l.id,
 *   :invoice!,
 *   l.place,
 *   l.key,
 *   l.kind,
 *   l."projectId",
 *   l."agreementId",
 *   l.text,
 *   l."textEdited",
 *   l.quantity,
 *   l.rate,
 *   l."decimalPlaces",
 *   l.category,
 *   l."taxRate",
 *   l.net,
 *   l.reason
 * from
 *   jsonb_to_recordset(:lines!) as l (
 *     id uuid,
 *     place int,
 *     key text,
 *     kind text,
 *     "projectId" uuid,
 *     "agreementId" uuid,
 *     text text,
 *     "textEdited" boolean,
 *     quantity bigint,
 *     rate bigint,
 *     "decimalPlaces" int,
 *     category text,
 *     "taxRate" bigint,
 *     net bigint,
 *     reason text
 *   )
 * ```
 */
export const insertLines = new PreparedQuery<IInsertLinesParams,IInsertLinesResult>(insertLinesIR);


/** 'InsertShares' parameters type */
export interface IInsertSharesParams {
  firm: string;
  shares: Json;
}

/** 'InsertShares' return type */
export type IInsertSharesResult = void;

/** 'InsertShares' query type */
export interface IInsertSharesQuery {
  params: IInsertSharesParams;
  result: IInsertSharesResult;
}

const insertSharesIR: any = {"usedParamSet":{"firm":true,"shares":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":190,"b":195}]},{"name":"shares","required":true,"transform":{"type":"scalar"},"locs":[{"a":492,"b":499}]}],"statement":"insert into\n  line_share (\n    firm_id,\n    line_id,\n    entry_id,\n    quantity,\n    amount_minor,\n    person_id,\n    project_id,\n    task_id,\n    work_date,\n    standard_minor\n  )\nselect\n  :firm!,\n  s.\"lineId\",\n  s.\"entryId\",\n  s.quantity,\n  s.amount,\n  coalesce(e.person_id, nobody ()),\n  e.project_id,\n  e.task_id,\n  e.work_date,\n  case\n    when l.kind = 'time' then standard_value (e.kind, coalesce(e.value_minor, 0)) * sign(s.quantity)::bigint\n    else 0\n  end\nfrom\n  jsonb_to_recordset(:shares!) as s (\"lineId\" uuid, \"entryId\" uuid, quantity bigint, amount bigint)\n  join invoice_line l on l.id = s.\"lineId\"\n  join entry e on e.id = s.\"entryId\"\norder by\n  s.\"entryId\""};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   line_share (
 *     firm_id,
 *     line_id,
 *     entry_id,
 *     quantity,
 *     amount_minor,
 *     person_id,
 *     project_id,
 *     task_id,
 *     work_date,
 *     standard_minor
 *   )
 * select
 *   :firm!,
 *   s."lineId",
 *   s."entryId",
 *   s.quantity,
 *   s.amount,
 *   coalesce(e.person_id, nobody ()),
 *   e.project_id,
 *   e.task_id,
 *   e.work_date,
 *   case
 *     when l.kind = 'time' then standard_value (e.kind, coalesce(e.value_minor, 0)) * sign(s.quantity)::bigint
 *     else 0
 *   end
 * from
 *   jsonb_to_recordset(:shares!) as s ("lineId" uuid, "entryId" uuid, quantity bigint, amount bigint)
 *   join invoice_line l on l.id = s."lineId"
 *   join entry e on e.id = s."entryId"
 * order by
 *   s."entryId"
 * ```
 */
export const insertShares = new PreparedQuery<IInsertSharesParams,IInsertSharesResult>(insertSharesIR);


/** 'InsertTaxes' parameters type */
export interface IInsertTaxesParams {
  firm: string;
  invoice: string;
  taxes: Json;
}

/** 'InsertTaxes' return type */
export type IInsertTaxesResult = void;

/** 'InsertTaxes' query type */
export interface IInsertTaxesQuery {
  params: IInsertTaxesParams;
  result: IInsertTaxesResult;
}

const insertTaxesIR: any = {"usedParamSet":{"firm":true,"invoice":true,"taxes":true},"params":[{"name":"firm","required":true,"transform":{"type":"scalar"},"locs":[{"a":104,"b":109}]},{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":114,"b":122}]},{"name":"taxes","required":true,"transform":{"type":"scalar"},"locs":[{"a":205,"b":211}]}],"statement":"insert into\n  invoice_tax (firm_id, invoice_id, category, rate, base_minor, tax_minor, reason)\nselect\n  :firm!,\n  :invoice!,\n  t.category,\n  t.rate,\n  t.base,\n  t.tax,\n  t.reason\nfrom\n  jsonb_to_recordset(:taxes!) as t (category text, rate bigint, base bigint, tax bigint, reason text)"};

/**
 * Query generated from SQL:
 * ```
 * insert into
 *   invoice_tax (firm_id, invoice_id, category, rate, base_minor, tax_minor, reason)
 * select
 *   :firm!,
 *   :invoice!,
 *   t.category,
 *   t.rate,
 *   t.base,
 *   t.tax,
 *   t.reason
 * from
 *   jsonb_to_recordset(:taxes!) as t (category text, rate bigint, base bigint, tax bigint, reason text)
 * ```
 */
export const insertTaxes = new PreparedQuery<IInsertTaxesParams,IInsertTaxesResult>(insertTaxesIR);


/** 'DeleteLines' parameters type */
export interface IDeleteLinesParams {
  invoice: string;
}

/** 'DeleteLines' return type */
export type IDeleteLinesResult = void;

/** 'DeleteLines' query type */
export interface IDeleteLinesQuery {
  params: IDeleteLinesParams;
  result: IDeleteLinesResult;
}

const deleteLinesIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":46,"b":54}]}],"statement":"delete from invoice_line\nwhere\n  invoice_id = :invoice!"};

/**
 * Query generated from SQL:
 * ```
 * delete from invoice_line
 * where
 *   invoice_id = :invoice!
 * ```
 */
export const deleteLines = new PreparedQuery<IDeleteLinesParams,IDeleteLinesResult>(deleteLinesIR);


/** 'DeleteTaxes' parameters type */
export interface IDeleteTaxesParams {
  invoice: string;
}

/** 'DeleteTaxes' return type */
export type IDeleteTaxesResult = void;

/** 'DeleteTaxes' query type */
export interface IDeleteTaxesQuery {
  params: IDeleteTaxesParams;
  result: IDeleteTaxesResult;
}

const deleteTaxesIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":45,"b":53}]}],"statement":"delete from invoice_tax\nwhere\n  invoice_id = :invoice!"};

/**
 * Query generated from SQL:
 * ```
 * delete from invoice_tax
 * where
 *   invoice_id = :invoice!
 * ```
 */
export const deleteTaxes = new PreparedQuery<IDeleteTaxesParams,IDeleteTaxesResult>(deleteTaxesIR);


/** 'LockInvoice' parameters type */
export interface ILockInvoiceParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'LockInvoice' return type */
export interface ILockInvoiceResult {
  clientId: string;
  credited: number;
  currency: string;
  dueOn: string | null;
  gross: number;
  id: string;
  kind: string;
  net: number;
  number: string | null;
  sentAt: string | null;
  settled: number;
  snapshot: Json | null;
  status: string;
  supplyFrom: string;
  supplyTo: string;
  tax: number;
  version: number;
  wish: Json | null;
}

/** 'LockInvoice' query type */
export interface ILockInvoiceQuery {
  params: ILockInvoiceParams;
  result: ILockInvoiceResult;
}

const lockInvoiceIR: any = {"usedParamSet":{"id":true,"reach":true,"asker":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":488,"b":491},{"a":607,"b":610}]},{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":564,"b":570}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":573,"b":579}]}],"statement":"select\n  id as \"id!\",\n  kind as \"kind!\",\n  status as \"status!\",\n  client_id as \"clientId!\",\n  currency as \"currency!\",\n  net_minor as \"net!\",\n  tax_minor as \"tax!\",\n  gross_minor as \"gross!\",\n  settled_minor as \"settled!\",\n  credited_minor as \"credited!\",\n  supply_from as \"supplyFrom!\",\n  supply_to as \"supplyTo!\",\n  sent_at as \"sentAt?\",\n  snapshot as \"snapshot?\",\n  wish as \"wish?\",\n  number_text as \"number?\",\n  due_on as \"dueOn?\",\n  version as \"version!\"\nfrom\n  invoice\nwhere\n  id = :id!\n  and id in (\n    select\n      r.id\n    from\n      invoices_to_act_on (:reach!, :asker!) r\n    where\n      r.id = :id!\n  )\nfor update"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!",
 *   kind as "kind!",
 *   status as "status!",
 *   client_id as "clientId!",
 *   currency as "currency!",
 *   net_minor as "net!",
 *   tax_minor as "tax!",
 *   gross_minor as "gross!",
 *   settled_minor as "settled!",
 *   credited_minor as "credited!",
 *   supply_from as "supplyFrom!",
 *   supply_to as "supplyTo!",
 *   sent_at as "sentAt?",
 *   snapshot as "snapshot?",
 *   wish as "wish?",
 *   number_text as "number?",
 *   due_on as "dueOn?",
 *   version as "version!"
 * from
 *   invoice
 * where
 *   id = :id!
 *   and id in (
 *     select
 *       r.id
 *     from
 *       invoices_to_act_on (:reach!, :asker!) r
 *     where
 *       r.id = :id!
 *   )
 * for update
 * ```
 */
export const lockInvoice = new PreparedQuery<ILockInvoiceParams,ILockInvoiceResult>(lockInvoiceIR);


/** 'SeeInvoice' parameters type */
export interface ISeeInvoiceParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'SeeInvoice' return type */
export interface ISeeInvoiceResult {
  id: string;
  status: string;
  version: number;
  wish: Json | null;
}

/** 'SeeInvoice' query type */
export interface ISeeInvoiceQuery {
  params: ISeeInvoiceParams;
  result: ISeeInvoiceResult;
}

const seeInvoiceIR: any = {"usedParamSet":{"reach":true,"asker":true,"id":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":123,"b":129}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":132,"b":138}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":158,"b":161}]}],"statement":"select\n  i.id as \"id!\",\n  i.status as \"status!\",\n  i.wish as \"wish?\",\n  i.version as \"version!\"\nfrom\n  invoices_to_act_on (:reach!, :asker!) i\nwhere\n  i.id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   i.id as "id!",
 *   i.status as "status!",
 *   i.wish as "wish?",
 *   i.version as "version!"
 * from
 *   invoices_to_act_on (:reach!, :asker!) i
 * where
 *   i.id = :id!
 * ```
 */
export const seeInvoice = new PreparedQuery<ISeeInvoiceParams,ISeeInvoiceResult>(seeInvoiceIR);


/** 'FreezeInvoice' parameters type */
export interface IFreezeInvoiceParams {
  by: string;
  dueOn: string;
  id: string;
  issuedOn: string;
  now: string;
  number: number;
  numberText: string;
  snapshot: Json;
}

/** 'FreezeInvoice' return type */
export type IFreezeInvoiceResult = void;

/** 'FreezeInvoice' query type */
export interface IFreezeInvoiceQuery {
  params: IFreezeInvoiceParams;
  result: IFreezeInvoiceResult;
}

const freezeInvoiceIR: any = {"usedParamSet":{"number":true,"numberText":true,"issuedOn":true,"dueOn":true,"snapshot":true,"by":true,"now":true,"id":true},"params":[{"name":"number","required":true,"transform":{"type":"scalar"},"locs":[{"a":51,"b":58}]},{"name":"numberText","required":true,"transform":{"type":"scalar"},"locs":[{"a":77,"b":88}]},{"name":"issuedOn","required":true,"transform":{"type":"scalar"},"locs":[{"a":105,"b":114}]},{"name":"dueOn","required":true,"transform":{"type":"scalar"},"locs":[{"a":128,"b":134}]},{"name":"snapshot","required":true,"transform":{"type":"scalar"},"locs":[{"a":150,"b":159}]},{"name":"by","required":true,"transform":{"type":"scalar"},"locs":[{"a":176,"b":179}]},{"name":"now","required":true,"transform":{"type":"scalar"},"locs":[{"a":196,"b":200}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":240,"b":243}]}],"statement":"update invoice\nset\n  status = 'issued',\n  number = :number!,\n  number_text = :numberText!,\n  issued_on = :issuedOn!,\n  due_on = :dueOn!,\n  snapshot = :snapshot!,\n  issued_by = :by!,\n  issued_at = :now!,\n  version = version + 1\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * update invoice
 * set
 *   status = 'issued',
 *   number = :number!,
 *   number_text = :numberText!,
 *   issued_on = :issuedOn!,
 *   due_on = :dueOn!,
 *   snapshot = :snapshot!,
 *   issued_by = :by!,
 *   issued_at = :now!,
 *   version = version + 1
 * where
 *   id = :id!
 * ```
 */
export const freezeInvoice = new PreparedQuery<IFreezeInvoiceParams,IFreezeInvoiceResult>(freezeInvoiceIR);


/** 'MoveInvoiceEntries' parameters type */
export interface IMoveInvoiceEntriesParams {
  from: string;
  invoice: string;
  to: string;
}

/** 'MoveInvoiceEntries' return type */
export interface IMoveInvoiceEntriesResult {
  id: string;
}

/** 'MoveInvoiceEntries' query type */
export interface IMoveInvoiceEntriesQuery {
  params: IMoveInvoiceEntriesParams;
  result: IMoveInvoiceEntriesResult;
}

const moveInvoiceEntriesIR: any = {"usedParamSet":{"to":true,"from":true,"invoice":true},"params":[{"name":"to","required":true,"transform":{"type":"scalar"},"locs":[{"a":29,"b":32},{"a":429,"b":432}]},{"name":"from","required":true,"transform":{"type":"scalar"},"locs":[{"a":79,"b":84},{"a":453,"b":458}]},{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":397,"b":405}]}],"statement":"update entry e\nset\n  stage = :to!,\n  version = e.version + 1\nwhere\n  e.stage = :from!\n  -- As an array: found by key, whatever the planner believes of a table that has just been filled.\n  and e.id = any (\n    array(\n      select\n        s.entry_id\n      from\n        line_share s\n        join invoice_line l on l.firm_id = s.firm_id\n        and l.id = s.line_id\n      where\n        l.invoice_id = :invoice!\n    )\n  )\n  and (\n    :to! <> 'billed'\n    or :from! <> 'approved'\n    or e.billed_quantity = e.billable_quantity\n  )\nreturning\n  e.id as \"id!\""};

/**
 * Query generated from SQL:
 * ```
 * update entry e
 * set
 *   stage = :to!,
 *   version = e.version + 1
 * where
 *   e.stage = :from!
 *   -- As an array: found by key, whatever the planner believes of a table that has just been filled.
 *   and e.id = any (
 *     array(
 *       select
 *         s.entry_id
 *       from
 *         line_share s
 *         join invoice_line l on l.firm_id = s.firm_id
 *         and l.id = s.line_id
 *       where
 *         l.invoice_id = :invoice!
 *     )
 *   )
 *   and (
 *     :to! <> 'billed'
 *     or :from! <> 'approved'
 *     or e.billed_quantity = e.billable_quantity
 *   )
 * returning
 *   e.id as "id!"
 * ```
 */
export const moveInvoiceEntries = new PreparedQuery<IMoveInvoiceEntriesParams,IMoveInvoiceEntriesResult>(moveInvoiceEntriesIR);


/** 'LinesOf' parameters type */
export interface ILinesOfParams {
  invoice: string;
}

/** 'LinesOf' return type */
export interface ILinesOfResult {
  agreementId: string;
  category: string;
  decimalPlaces: number | null;
  id: string;
  key: string;
  kind: string;
  net: number;
  place: number;
  projectId: string;
  quantity: number;
  rate: number;
  reason: string;
  taxRate: number;
  text: string;
  textEdited: boolean;
}

/** 'LinesOf' query type */
export interface ILinesOfQuery {
  params: ILinesOfParams;
  result: ILinesOfResult;
}

const linesOfIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":417,"b":425}]}],"statement":"select\n  id as \"id!\",\n  place as \"place!\",\n  key as \"key!\",\n  kind as \"kind!\",\n  project_id as \"projectId!\",\n  agreement_id as \"agreementId!\",\n  text as \"text!\",\n  text_edited as \"textEdited!\",\n  quantity as \"quantity!\",\n  rate as \"rate!\",\n  decimal_places as \"decimalPlaces?\",\n  category as \"category!\",\n  tax_rate as \"taxRate!\",\n  net_minor as \"net!\",\n  reason as \"reason!\"\nfrom\n  invoice_line\nwhere\n  invoice_id = :invoice!\norder by\n  place"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   id as "id!",
 *   place as "place!",
 *   key as "key!",
 *   kind as "kind!",
 *   project_id as "projectId!",
 *   agreement_id as "agreementId!",
 *   text as "text!",
 *   text_edited as "textEdited!",
 *   quantity as "quantity!",
 *   rate as "rate!",
 *   decimal_places as "decimalPlaces?",
 *   category as "category!",
 *   tax_rate as "taxRate!",
 *   net_minor as "net!",
 *   reason as "reason!"
 * from
 *   invoice_line
 * where
 *   invoice_id = :invoice!
 * order by
 *   place
 * ```
 */
export const linesOf = new PreparedQuery<ILinesOfParams,ILinesOfResult>(linesOfIR);


/** 'SharesOf' parameters type */
export interface ISharesOfParams {
  invoice: string;
}

/** 'SharesOf' return type */
export interface ISharesOfResult {
  amount: number;
  entryId: string;
  lineId: string;
  quantity: number;
}

/** 'SharesOf' query type */
export interface ISharesOfQuery {
  params: ISharesOfParams;
  result: ISharesOfResult;
}

const sharesOfIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":233,"b":241}]}],"statement":"select\n  s.line_id as \"lineId!\",\n  s.entry_id as \"entryId!\",\n  s.quantity as \"quantity!\",\n  s.amount_minor as \"amount!\"\nfrom\n  line_share s\n  join invoice_line l on l.firm_id = s.firm_id\n  and l.id = s.line_id\nwhere\n  l.invoice_id = :invoice!\norder by\n  s.line_id,\n  s.entry_id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   s.line_id as "lineId!",
 *   s.entry_id as "entryId!",
 *   s.quantity as "quantity!",
 *   s.amount_minor as "amount!"
 * from
 *   line_share s
 *   join invoice_line l on l.firm_id = s.firm_id
 *   and l.id = s.line_id
 * where
 *   l.invoice_id = :invoice!
 * order by
 *   s.line_id,
 *   s.entry_id
 * ```
 */
export const sharesOf = new PreparedQuery<ISharesOfParams,ISharesOfResult>(sharesOfIR);


/** 'TaxesOf' parameters type */
export interface ITaxesOfParams {
  invoice: string;
}

/** 'TaxesOf' return type */
export interface ITaxesOfResult {
  base: number;
  category: string;
  rate: number;
  reason: string;
  tax: number;
}

/** 'TaxesOf' query type */
export interface ITaxesOfQuery {
  params: ITaxesOfParams;
  result: ITaxesOfResult;
}

const taxesOfIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":163,"b":171}]}],"statement":"select\n  category as \"category!\",\n  rate as \"rate!\",\n  base_minor as \"base!\",\n  tax_minor as \"tax!\",\n  reason as \"reason!\"\nfrom\n  invoice_tax\nwhere\n  invoice_id = :invoice!\norder by\n  rate desc,\n  category"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   category as "category!",
 *   rate as "rate!",
 *   base_minor as "base!",
 *   tax_minor as "tax!",
 *   reason as "reason!"
 * from
 *   invoice_tax
 * where
 *   invoice_id = :invoice!
 * order by
 *   rate desc,
 *   category
 * ```
 */
export const taxesOf = new PreparedQuery<ITaxesOfParams,ITaxesOfResult>(taxesOfIR);


/** 'InvoiceSnapshot' parameters type */
export interface IInvoiceSnapshotParams {
  id: string;
}

/** 'InvoiceSnapshot' return type */
export interface IInvoiceSnapshotResult {
  clientId: string;
  snapshot: Json | null;
  status: string;
  wish: Json | null;
}

/** 'InvoiceSnapshot' query type */
export interface IInvoiceSnapshotQuery {
  params: IInvoiceSnapshotParams;
  result: IInvoiceSnapshotResult;
}

const invoiceSnapshotIR: any = {"usedParamSet":{"id":true},"params":[{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":131,"b":134}]}],"statement":"select\n  snapshot as \"snapshot?\",\n  wish as \"wish?\",\n  status as \"status!\",\n  client_id as \"clientId!\"\nfrom\n  invoice\nwhere\n  id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   snapshot as "snapshot?",
 *   wish as "wish?",
 *   status as "status!",
 *   client_id as "clientId!"
 * from
 *   invoice
 * where
 *   id = :id!
 * ```
 */
export const invoiceSnapshot = new PreparedQuery<IInvoiceSnapshotParams,IInvoiceSnapshotResult>(invoiceSnapshotIR);


/** 'InvoiceInReach' parameters type */
export interface IInvoiceInReachParams {
  asker: string;
  id: string;
  reach: string;
}

/** 'InvoiceInReach' return type */
export interface IInvoiceInReachResult {
  id: string;
}

/** 'InvoiceInReach' query type */
export interface IInvoiceInReachQuery {
  params: IInvoiceInReachParams;
  result: IInvoiceInReachResult;
}

const invoiceInReachIR: any = {"usedParamSet":{"reach":true,"asker":true,"id":true},"params":[{"name":"reach","required":true,"transform":{"type":"scalar"},"locs":[{"a":49,"b":55}]},{"name":"asker","required":true,"transform":{"type":"scalar"},"locs":[{"a":58,"b":64}]},{"name":"id","required":true,"transform":{"type":"scalar"},"locs":[{"a":84,"b":87}]}],"statement":"select\n  i.id as \"id!\"\nfrom\n  invoices_in_reach (:reach!, :asker!) i\nwhere\n  i.id = :id!"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   i.id as "id!"
 * from
 *   invoices_in_reach (:reach!, :asker!) i
 * where
 *   i.id = :id!
 * ```
 */
export const invoiceInReach = new PreparedQuery<IInvoiceInReachParams,IInvoiceInReachResult>(invoiceInReachIR);


/** 'WorkOfInvoice' parameters type */
export interface IWorkOfInvoiceParams {
  invoice: string;
}

/** 'WorkOfInvoice' return type */
export interface IWorkOfInvoiceResult {
  byDay: boolean;
  date: string;
  entryId: string;
  personId: string | null;
  projectId: string;
}

/** 'WorkOfInvoice' query type */
export interface IWorkOfInvoiceQuery {
  params: IWorkOfInvoiceParams;
  result: IWorkOfInvoiceResult;
}

const workOfInvoiceIR: any = {"usedParamSet":{"invoice":true},"params":[{"name":"invoice","required":true,"transform":{"type":"scalar"},"locs":[{"a":568,"b":576},{"a":800,"b":808}]}],"statement":"select\n  w.entry_id as \"entryId!\",\n  w.project_id as \"projectId!\",\n  e.person_id as \"personId?\",\n  e.work_date as \"date!\",\n  exists (\n    select\n    from\n      agreement a\n    where\n      a.firm_id = e.firm_id\n      and a.project_id = e.project_id\n      and a.rounding_unit = 'day'\n      and holds_on (a.valid_from, a.valid_to, e.work_date)\n  ) as \"byDay!\"\nfrom\n  (\n    select\n      s.firm_id,\n      s.entry_id,\n      l.project_id\n    from\n      invoice_line l\n      join line_share s on s.firm_id = l.firm_id\n      and s.line_id = l.id\n    where\n      l.invoice_id = :invoice!\n    union\n    select\n      f.firm_id,\n      f.entry_id,\n      l.project_id\n    from\n      invoice_line l\n      join entry_fee f on f.firm_id = l.firm_id\n      and f.over_limit_line_id = l.id\n    where\n      l.invoice_id = :invoice!\n  ) w\n  join entry e on e.firm_id = w.firm_id\n  and e.id = w.entry_id"};

/**
 * Query generated from SQL:
 * ```
 * select
 *   w.entry_id as "entryId!",
 *   w.project_id as "projectId!",
 *   e.person_id as "personId?",
 *   e.work_date as "date!",
 *   exists (
 *     select
 *     from
 *       agreement a
 *     where
 *       a.firm_id = e.firm_id
 *       and a.project_id = e.project_id
 *       and a.rounding_unit = 'day'
 *       and holds_on (a.valid_from, a.valid_to, e.work_date)
 *   ) as "byDay!"
 * from
 *   (
 *     select
 *       s.firm_id,
 *       s.entry_id,
 *       l.project_id
 *     from
 *       invoice_line l
 *       join line_share s on s.firm_id = l.firm_id
 *       and s.line_id = l.id
 *     where
 *       l.invoice_id = :invoice!
 *     union
 *     select
 *       f.firm_id,
 *       f.entry_id,
 *       l.project_id
 *     from
 *       invoice_line l
 *       join entry_fee f on f.firm_id = l.firm_id
 *       and f.over_limit_line_id = l.id
 *     where
 *       l.invoice_id = :invoice!
 *   ) w
 *   join entry e on e.firm_id = w.firm_id
 *   and e.id = w.entry_id
 * ```
 */
export const workOfInvoice = new PreparedQuery<IWorkOfInvoiceParams,IWorkOfInvoiceResult>(workOfInvoiceIR);


