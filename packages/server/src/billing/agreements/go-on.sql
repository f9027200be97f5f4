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
  :firm!,
  n.id,
  n."projectId",
  n.method,
  n.currency,
  n."limit",
  n.increment,
  n.mode,
  n.unit,
  n.minimum,
  n."decimalPlaces",
  :from!,
  n."validTo"
from
  jsonb_to_recordset(:agreements!) as n (
    id uuid,
    "projectId" uuid,
    method text,
    currency text,
    "limit" bigint,
    increment integer,
    mode text,
    unit text,
    minimum integer,
    "decimalPlaces" integer,
    "validTo" date
  );
