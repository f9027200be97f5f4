/* @name toBillProjects */
select p.id as "projectId!", p.name as "projectName!", c.id as "clientId!", c.name as "clientName!", c.currency as "currency!", min(e.work_date) as "oldest!",
  coalesce(sum(e.billable_quantity) filter (where e.hold_reason is null and e.rate is not null), 0) as "seconds!",
  coalesce(sum(e.value_minor) filter (where e.hold_reason is null and e.rate is not null), 0) as "minor!",
  count(*) filter (where e.hold_reason is not null) as "held!", count(*) filter (where e.rate is null) as "unpriced!",
  (select a.limit_minor from agreement a where a.firm_id = p.firm_id and a.project_id = p.id and a.valid_from <= :upTo! and (a.valid_to is null or a.valid_to >= :upTo!)) as "limit?",
  coalesce((select sum(l.net_minor) from invoice_line l join invoice i on i.firm_id = l.firm_id and i.id = l.invoice_id where l.firm_id = p.firm_id and l.project_id = p.id and i.status = 'issued'), 0) as "billedNet!"
from entries_in_reach(:reach!, :asker!) e
join project p on p.firm_id = e.firm_id and p.id = e.project_id
join client c on c.firm_id = p.firm_id and c.id = p.client_id
where e.stage = 'approved' and e.billing_state = 'to bill' and e.billed_quantity = 0 and e.work_date <= :upTo!
  and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!)) and (:whose::uuid is null or e.person_id = :whose)
group by p.firm_id, p.id, p.name, c.id, c.name, c.currency
order by min(e.work_date), p.name;

/* @name unpricedEntries */
select e.id as "id!", count(*) over ()::int as "count!" from entries_in_reach(:reach!, :asker!) e
where e.billing_state = 'to bill' and e.rate is null and e.project_id is not null and e.service_id is not null
  and (:all! or e.project_id = any(:projects!)) and (:anyTask! or e.task_id = any(:tasks!)) and (:whose::uuid is null or e.person_id = :whose)
order by e.work_date, e.id limit 100;

/* @name deskEntries */
select e.id as "id!", e.version as "version!", e.work_date as "date!", e.person_id as "personId!", pe.name as "personName!", e.project_id as "projectId!", e.task_id as "taskId?", t.name as "taskName?",
  s.name as "serviceName!", e.note as "note!", e.quantity as "recorded!", e.billable_quantity as "seconds!", e.rate as "rate?", e.value_minor as "minor?", e.hold_reason as "holdReason?", e.problems as "problems!"
from entries_in_reach(:reach!, :asker!) e
join person pe on pe.firm_id = e.firm_id and pe.id = e.person_id
join service s on s.firm_id = e.firm_id and s.id = e.service_id
left join task t on t.firm_id = e.firm_id and t.id = e.task_id
where e.stage = 'approved' and e.billing_state = 'to bill' and e.billed_quantity = 0 and e.work_date <= :upTo!
  and e.project_id = any(:projects!) and (:anyTask! or e.task_id = any(:tasks!))
order by e.work_date, pe.name, e.id;

/* @name deskRest */
select coalesce(sum(e.quantity) filter (where e.stage = 'recorded' and e.work_date <= :upTo!), 0) as "recorded!",
  coalesce(sum(e.quantity) filter (where e.stage = 'submitted' and e.work_date <= :upTo!), 0) as "submitted!",
  coalesce(sum(e.quantity) filter (where e.stage = 'approved' and e.billing_state = 'nothing to bill' and e.work_date <= :upTo!), 0) as "notBillable!",
  coalesce(sum(e.quantity) filter (where e.stage = 'approved' and e.billing_state = 'to bill' and e.billed_quantity = 0 and e.work_date > :upTo!), 0) as "later!",
  coalesce(sum(e.billed_quantity) filter (where e.stage = 'approved' and e.billed_quantity > 0), 0) as "inDrafts!"
from entries_in_reach(:reach!, :asker!) e where e.kind = 'time' and e.project_id = any(:projects!) and (:anyTask! or e.task_id = any(:tasks!));

/* @name deskProjects */
select p.id as "id!", p.name as "name!", p.client_id as "clientId?", c.name as "clientName?", c.currency as "currency?", coalesce(a.method, 'not billable') as "method!", a.limit_minor as "limit?",
  coalesce((select sum(e.value_minor) from entry e where e.firm_id = p.firm_id and e.project_id = p.id and e.stage = 'submitted'), 0) as "submittedMinor!"
from projects_in_reach(:reach!, :asker!) p
left join client c on c.firm_id = p.firm_id and c.id = p.client_id
left join agreement a on a.firm_id = p.firm_id and a.project_id = p.id and a.valid_from <= :upTo! and (a.valid_to is null or a.valid_to >= :upTo!)
where p.id = any(:projects!) order by p.name;

/* @name billedByProject */
select l.project_id as "projectId!", i.id as "invoiceId!", i.kind as "kind!", sum(l.net_minor) as "net!", i.gross_minor as "gross!", i.settled_minor as "settled!", i.credited_minor as "credited!"
from invoice_line l join invoice i on i.firm_id = l.firm_id and i.id = l.invoice_id
where i.status = 'issued' and l.project_id = any(:projects!) group by l.project_id, i.id, i.kind, i.gross_minor, i.settled_minor, i.credited_minor;

/* @name draftsOf */
select i.id as "id!", i.version as "version!", i.net_minor as "minor!", i.created_at as "at!", p.name as "by!"
from invoice i join person p on p.firm_id = i.firm_id and p.id = i.created_by
where i.status = 'draft' and i.client_id = :client!
  and exists (select 1 from invoice_line l where l.firm_id = i.firm_id and l.invoice_id = i.id and l.project_id = any(:projects!)) order by i.created_at;

/* @name lockToHold */
select e.id as "id!", e.version as "version!", e.stage as "stage!", e.billing_state as "billingState!", e.billed_quantity as "billedQuantity!", e.hold_reason as "holdReason?"
from entry e where e.id = any(:ids!) order by e.id for update;

/* @name setHold */
update entry set hold_reason = :reason, version = version + 1 where id = any(:ids!);

/* @name lockAgreements */
select a.id as "id!", a.project_id as "projectId!", a.currency as "currency!", a.limit_minor as "limit?", a.decimal_places as "decimalPlaces?", a.valid_from as "validFrom!", a.valid_to as "validTo?"
from agreement a where a.project_id in (select e.project_id from entry e where e.id = any(:entries!)) order by a.id for update;

/* @name readAgreements */
select a.id as "id!", a.project_id as "projectId!", a.currency as "currency!", a.limit_minor as "limit?", a.decimal_places as "decimalPlaces?", a.valid_from as "validFrom!", a.valid_to as "validTo?"
from agreement a where a.project_id in (select e.project_id from entry e where e.id = any(:entries!)) order by a.id;

/* @name lockEntriesById */
select id as "id!" from entry where id = any(:ids!) order by id for update;

/* @name billableEntries */
select e.id as "id!", e.work_date as "workDate!", e.client_id as "clientId?", e.project_id as "projectId!", p.name as "projectName!", p.order_reference as "orderReference!", e.task_id as "taskId?", t.name as "taskName?",
  s.name as "serviceName!", pe.name as "personName!", e.note as "note!", e.billable_quantity as "billableQuantity!", e.rate as "rate?", e.value_minor as "valueMinor?", e.tax_category as "taxCategory?",
  e.stage as "stage!", e.billing_state as "billingState!", e.hold_reason as "holdReason?",
  e.billed_quantity - coalesce((select sum(x.quantity) from line_share x join invoice_line l on l.firm_id = x.firm_id and l.id = x.line_id where x.firm_id = e.firm_id and x.entry_id = e.id and x.live and l.invoice_id = :draft), 0) as "takenByOthers!"
from entries_in_reach('firm', :asker!) e
join project p on p.firm_id = e.firm_id and p.id = e.project_id
join service s on s.firm_id = e.firm_id and s.id = e.service_id
join person pe on pe.firm_id = e.firm_id and pe.id = e.person_id
left join task t on t.firm_id = e.firm_id and t.id = e.task_id
where e.id = any(:ids!) order by e.work_date, pe.name, e.id;

/* @name limitUsed */
select l.agreement_id as "agreementId!", sum(l.net_minor) as "used!"
from invoice_line l join invoice i on i.firm_id = l.firm_id and i.id = l.invoice_id
where l.agreement_id = any(:agreements!) and i.status in ('draft', 'issued') and i.id is distinct from :draft
group by l.agreement_id;

/* @name taxRatesOn */
select category as "category!", name as "name!", rate as "rate!", reason as "reason!" from tax_rate where valid_from <= :on! and (valid_to is null or valid_to >= :on!);

/* @name partiesOf */
select f.name as "sellerName!", f.address as "sellerAddress!", f.country as "sellerCountry!", f.tax_id as "sellerTaxId!", f.email as "sellerEmail!", f.payment_details as "paymentDetails!",
  c.name as "buyerName!", c.address as "buyerAddress!", c.country as "buyerCountry!", c.tax_id as "buyerTaxId?", c.email as "buyerEmail!", c.currency as "currency!", c.payment_days as "paymentDays!"
from client c join firm f on f.firm_id = c.firm_id where c.id = :client!;

/* @name nextNumber */
select prefix as "prefix!", next_number as "next!" from invoice_series where series = :series!;

/* @name takeNumber */
update invoice_series set next_number = next_number + 1 where series = :series! returning prefix as "prefix!", next_number - 1 as "number!";

/* @name insertInvoice */
insert into invoice (firm_id, id, kind, status, series, client_id, currency, up_to, grouping, supply_from, supply_to, net_minor, tax_minor, gross_minor, credits_id, reason, wish, created_by, created_at)
values (:firm!, :id!, :kind!, 'draft', :series!, :client!, :currency!, :upTo, :grouping, :supplyFrom!, :supplyTo!, :net!, :tax!, :gross!, :credits, :reason!, :wish, :by!, :now!);

/* @name insertLines */
insert into invoice_line (firm_id, id, invoice_id, place, key, kind, project_id, agreement_id, text, text_edited, quantity, rate, decimal_places, category, tax_rate, net_minor, reason)
select :firm!, l.id, :invoice!, l.place, l.key, l.kind, l."projectId", l."agreementId", l.text, l."textEdited", l.quantity, l.rate, l."decimalPlaces", l.category, l."taxRate", l.net, l.reason
from jsonb_to_recordset(:lines!) as l(id uuid, place int, key text, kind text, "projectId" uuid, "agreementId" uuid, text text, "textEdited" boolean, quantity bigint, rate bigint, "decimalPlaces" int,
  category text, "taxRate" bigint, net bigint, reason text);

/* @name insertShares */
insert into line_share (firm_id, line_id, entry_id, quantity, amount_minor, person_id, project_id, task_id, work_date, standard_minor)
select :firm!, s."lineId", s."entryId", s.quantity, s.amount, e.person_id, e.project_id, e.task_id, e.work_date, case when l.kind = 'time' then coalesce(e.value_minor, 0) * sign(s.quantity)::bigint else 0 end
from jsonb_to_recordset(:shares!) as s("lineId" uuid, "entryId" uuid, quantity bigint, amount bigint)
join invoice_line l on l.id = s."lineId" join entry e on e.id = s."entryId" order by s."entryId";

/* @name insertTaxes */
insert into invoice_tax (firm_id, invoice_id, category, rate, base_minor, tax_minor, reason)
select :firm!, :invoice!, t.category, t.rate, t.base, t.tax, t.reason from jsonb_to_recordset(:taxes!) as t(category text, rate bigint, base bigint, tax bigint, reason text);

/* @name deleteLines */
delete from invoice_line where invoice_id = :invoice!;

/* @name deleteTaxes */
delete from invoice_tax where invoice_id = :invoice!;

/* @name updateDraftTotals */
update invoice set supply_from = :supplyFrom!, supply_to = :supplyTo!, net_minor = :net!, tax_minor = :tax!, gross_minor = :gross! where id = :id!;

/* @name lockInvoice */
select id as "id!", kind as "kind!", status as "status!", client_id as "clientId!", currency as "currency!", net_minor as "net!", tax_minor as "tax!", gross_minor as "gross!", settled_minor as "settled!", credited_minor as "credited!",
  supply_from as "supplyFrom!", supply_to as "supplyTo!", sent_at as "sentAt?", snapshot as "snapshot?", wish as "wish?", number_text as "number?", due_on as "dueOn?", version as "version!"
from invoice where id = :id! for update;

/* @name deleteInvoice */
delete from invoice where id = :id!;

/* @name freezeInvoice */
update invoice set status = 'issued', number = :number!, number_text = :numberText!, issued_on = :issuedOn!, due_on = :dueOn!, snapshot = :snapshot!, issued_by = :by!, issued_at = :now!,
  settled_minor = :settled!, version = version + 1 where id = :id!;

/* @name moveInvoiceEntries */
update entry e set stage = :to!, version = e.version + 1
where e.stage = :from! and e.id in (select s.entry_id from line_share s join invoice_line l on l.firm_id = s.firm_id and l.id = s.line_id where l.invoice_id = :invoice! and l.kind = 'time')
  and (:to! <> 'billed' or :from! <> 'approved' or e.billed_quantity = e.billable_quantity)
returning e.id as "id!";

/* @name markInvoiceSent */
update invoice set sent_at = :now!, version = version + 1 where id = :id!;

/* @name markInvoiceVoid */
update invoice set status = 'void', reason = :reason!, version = version + 1 where id = :id!;

/* @name bumpInvoice */
update invoice set version = version + 1 where id = :id!;

/* @name releaseShares */
update line_share s set live = false from invoice_line l where l.firm_id = s.firm_id and l.id = s.line_id and l.invoice_id = :invoice!;

/* @name linesOf */
select id as "id!", place as "place!", key as "key!", kind as "kind!", project_id as "projectId!", agreement_id as "agreementId!", text as "text!", text_edited as "textEdited!", quantity as "quantity!", rate as "rate!",
  decimal_places as "decimalPlaces?", category as "category!", tax_rate as "taxRate!", net_minor as "net!", reason as "reason!"
from invoice_line where invoice_id = :invoice! order by place;

/* @name sharesOf */
select s.line_id as "lineId!", s.entry_id as "entryId!", s.quantity as "quantity!", s.amount_minor as "amount!"
from line_share s join invoice_line l on l.firm_id = s.firm_id and l.id = s.line_id where l.invoice_id = :invoice! order by s.line_id, s.entry_id;

/* @name taxesOf */
select category as "category!", rate as "rate!", base_minor as "base!", tax_minor as "tax!", reason as "reason!" from invoice_tax where invoice_id = :invoice! order by rate desc, category;

/* @name invoiceRows */
select i.id as "id!", i.kind as "kind!", i.status as "status!", i.number_text as "number?", i.client_id as "clientId!", c.name as "clientName!", i.currency as "currency!", i.issued_on as "issuedOn?", i.due_on as "dueOn?",
  i.net_minor as "net!", i.gross_minor as "gross!", i.settled_minor as "settled!", i.credited_minor as "credited!", i.sent_at as "sentAt?", i.version as "version!", i.created_at as "createdAt!",
  (select array_agg(distinct p.name) from invoice_line l join project p on p.firm_id = l.firm_id and p.id = l.project_id where l.firm_id = i.firm_id and l.invoice_id = i.id) as "projects?",
  (select max(pay.received_on) from allocation al join payment pay on pay.firm_id = al.firm_id and pay.id = al.payment_id where al.firm_id = i.firm_id and al.invoice_id = i.id and al.live) as "lastPaid?",
  exists (select 1 from invoice n where n.firm_id = i.firm_id and n.credits_id = i.id) as "hasCredit!"
from invoice i join client c on c.firm_id = i.firm_id and c.id = i.client_id
where (:anyId! or i.id = :id)
  and (:show! = 'all' or (:show! = 'drafts' and i.status = 'draft') or (:show! = 'open' and i.status = 'issued' and i.kind = 'invoice' and i.settled_minor < i.gross_minor))
  and (:all! or exists (select 1 from invoice_line l where l.firm_id = i.firm_id and l.invoice_id = i.id and l.project_id = any(:projects!)))
  and (:reach! = 'firm' or exists (select 1 from invoice_line l join project p on p.firm_id = l.firm_id and p.id = l.project_id where l.firm_id = i.firm_id and l.invoice_id = i.id and p.manager_id = :asker!))
  and (:whose::uuid is null or exists (select 1 from invoice_line l join line_share s on s.firm_id = l.firm_id and s.line_id = l.id where l.firm_id = i.firm_id and l.invoice_id = i.id and s.person_id = :whose))
  and (:show! = 'open' or (i.created_at, i.id) < (:beforeAt!::timestamptz, :beforeId!::uuid))
order by case when :show! = 'open' then i.due_on end, i.created_at desc, i.id desc
limit :limit!;

/* @name clientCredit */
select p.client_id as "clientId!", c.name as "clientName!", p.currency as "currency!",
  sum(p.amount_minor - coalesce((select sum(a.amount_minor) from allocation a where a.firm_id = p.firm_id and a.payment_id = p.id and a.live), 0)) as "minor!"
from payment p join client c on c.firm_id = p.firm_id and c.id = p.client_id where p.reversed_at is null
group by p.client_id, c.name, p.currency
having sum(p.amount_minor - coalesce((select sum(a.amount_minor) from allocation a where a.firm_id = p.firm_id and a.payment_id = p.id and a.live), 0)) > 0 order by c.name;

/* @name invoiceSnapshot */
select snapshot as "snapshot?", wish as "wish?", status as "status!", client_id as "clientId!" from invoice where id = :id!;

/* @name allocationsOf */
select a.id as "id!", a.payment_id as "paymentId?", a.kind as "kind!", a.amount_minor as "minor!", a.live as "live!", coalesce(p.received_on, n.issued_on) as "receivedOn!", coalesce(p.reference, '') as "reference!",
  coalesce(pe.name, '') as "by!", n.number_text as "creditNumber?"
from allocation a
left join payment p on p.firm_id = a.firm_id and p.id = a.payment_id
left join person pe on pe.firm_id = p.firm_id and pe.id = p.recorded_by
left join invoice n on n.firm_id = a.firm_id and n.id = a.credit_id
where a.invoice_id = :invoice! order by a.at;

/* @name insertPayment */
insert into payment (firm_id, id, client_id, currency, amount_minor, received_on, reference, recorded_by, recorded_at)
values (:firm!, :id!, :client!, :currency!, :amount!, :receivedOn!, :reference!, :by!, :now!);

/* @name insertAllocation */
insert into allocation (firm_id, id, invoice_id, kind, payment_id, credit_id, amount_minor, at)
values (:firm!, :id!, :invoice!, :kind!, :payment, :credit, :amount!, :now!);

/* @name lockPayment */
select p.id as "id!", p.amount_minor as "amount!", p.reversed_at as "reversedAt?", p.currency as "currency!" from payment p where p.id = :id! for update;

/* @name reversePaymentRow */
update payment set reversed_at = :now!, reversal_reason = :reason! where id = :id!;

/* @name liveAllocations */
select a.id as "id!", a.invoice_id as "invoiceId!", a.amount_minor as "amount!", a.kind as "kind!" from allocation a
where a.live and (a.payment_id = :payment or a.invoice_id = :invoice) order by a.invoice_id, a.id;

/* @name endAllocations */
update allocation set live = false where id = any(:ids!);

/* @name pdfOf */
select bytes as "bytes!", sha256 as "sha256!" from invoice_pdf where invoice_id = :invoice!;

/* @name keepPdf */
insert into invoice_pdf (firm_id, invoice_id, bytes, sha256, made_at) values (:firm!, :invoice!, :bytes!, :sha256!, :now!) on conflict do nothing;

/* @name sharesOfEntry */
select i.id as "invoiceId!", i.number_text as "number?", sum(s.quantity) as "quantity!", sum(s.amount_minor) as "minor!"
from line_share s join invoice_line l on l.firm_id = s.firm_id and l.id = s.line_id join invoice i on i.firm_id = l.firm_id and i.id = l.invoice_id
where s.entry_id = :entry! and s.live group by i.id, i.number_text, i.created_at order by i.created_at;

/* @name rulesInWords */
select r.id as "id!", p.name as "person?", po.name as "position?", s.name as "service?", t.name as "task?", pr.name as "project?", c.name as "client?"
from rate_rule r
left join person p on p.firm_id = r.firm_id and p.id = r.person_id
left join position po on po.firm_id = r.firm_id and po.id = r.position_id
left join service s on s.firm_id = r.firm_id and s.id = r.service_id
left join task t on t.firm_id = r.firm_id and t.id = r.task_id
left join project pr on pr.firm_id = r.firm_id and pr.id = r.project_id
left join client c on c.firm_id = r.firm_id and c.id = r.client_id
where r.id = any(:ids!);

/* @name lockToPrice */
select e.id as "id!", e.person_id as "personId!", e.work_date as "workDate!", e.project_id as "projectId?", e.task_id as "taskId?", e.service_id as "serviceId?", e.quantity as "quantity!", e.billable as "billable!",
  e.rate as "rate?", e.rate_source as "rateSource?", e.rate_reason as "rateReason!", e.value_minor as "valueMinor?", e.billed_quantity as "billedQuantity!", e.billable_quantity as "billableQuantity!", e.stage as "stage!", e.problems as "problems!", e.version as "version!"
from entries_in_reach(:reach!, :asker!) r join entry e on e.firm_id = r.firm_id and e.id = r.id where r.id = :id! for update of e;

/* @name setTypedRate */
update entry set rate = :rate, rate_source = :source, rate_rule_id = :rule, rate_reason = :reason!, value_minor = :value, own_rate = :ownRate, own_value_minor = :ownValue, problems = :problems!, problem_count = cardinality(:problems!::text[]), version = version + 1 where id = :id!;
