/* @name lineByKey */
select
  id as "id!"
from
  invoice_line
where
  invoice_id = :invoice!
  and key = :key!;

/* @name sharesOfLine */
select
  s.entry_id as "entryId!",
  s.quantity as "quantity!",
  s.amount_minor as "minor!"
from
  line_share s
where
  s.line_id = :line!;
