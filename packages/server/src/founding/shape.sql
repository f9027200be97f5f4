/* @name shapeOfFirm */
select
  f.place as "place?",
  f.size as "size?",
  f.trade as "trade?",
  f.functions_off as "off!",
  f.review as "review!",
  f.record_ways as "ways!",
  f.version as "version!",
  exists (
    select
    from
      tax_rate t
    where
      t.category = 'S'
  ) as "taxed!"
from
  firm f;

/* @name servicesOfFirm */
select
  s.id as "id!",
  s.code as "code!",
  s.name as "name!",
  exists (
    select
    from
      entry e
    where
      e.firm_id = s.firm_id
      and e.service_id = s.id
  )
  or exists (
    select
    from
      timer t
    where
      t.firm_id = s.firm_id
      and t.service_id = s.id
  )
  or exists (
    select
    from
      sheet_row r
    where
      r.firm_id = s.firm_id
      and r.service_id = s.id
  )
  or exists (
    select
    from
      rate_rule r
    where
      r.firm_id = s.firm_id
      and r.service_id = s.id
  ) as "used!"
from
  service s
order by
  s.name,
  s.id;

/* @name waitingForReview */
select
  coalesce(sum(e.quantity), 0)::bigint as "duration!",
  count(distinct e.person_id) as "people!"
from
  entry e
where
  e.stage = 'submitted'
  and e.kind = 'time';

/* @name setShape */
update firm
set
  place = :place,
  size = :size,
  trade = :trade,
  record_ways = :ways!,
  functions_off = :off!,
  review = :review!,
  version = version + 1;

/* @name setFunctions */
update firm
set
  functions_off = :off!,
  review = :review!,
  version = version + 1;

/* @name dropServices */
delete from service
where
  id = any (:ids!);

/* @name addService */
insert into
  service (firm_id, id, code, name, kind, billable, tax_category)
values
  (:firm!, :id!, :code!, :name!, :kind!, :billable!, :taxCategory!);
