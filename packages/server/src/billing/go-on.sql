/* @name endAgreements */
update agreement
set
  valid_to = :last!
where
  id = any (:ids!);

/* @name goOnWith */
insert into
  agreement (
    firm_id,
    id,
    project_id,
    method,
    currency,
    limit_minor,
    rounding_increment,
    rounding_mode,
    rounding_unit,
    rounding_minimum,
    decimal_places,
    valid_from,
    valid_to
  )
select
  a.firm_id,
  n.id,
  a.project_id,
  a.method,
  a.currency,
  n."limit",
  a.rounding_increment,
  a.rounding_mode,
  a.rounding_unit,
  a.rounding_minimum,
  a.decimal_places,
  :from!,
  n."validTo"
from
  jsonb_to_recordset(:agreements!) as n (id uuid, of uuid, "limit" bigint, "validTo" date)
  join agreement a on a.id = n.of;
