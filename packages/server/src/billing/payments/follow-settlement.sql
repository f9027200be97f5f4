/* @name bumpInvoice */
update invoice
set
  version = version + 1
where
  id = :id!;

/* @name settlementOf */
select
  status as "status!",
  settled_minor as "settled!",
  gross_minor as "gross!"
from
  invoice
where
  id = :id!;
