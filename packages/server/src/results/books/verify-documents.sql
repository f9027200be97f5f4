/* @name bookTaxes */
select
  invoice_id as "invoiceId!",
  category as "category!",
  rate as "rate!",
  base_minor as "base!",
  tax_minor as "tax!"
from
  invoice_tax
order by
  invoice_id;

/* @name bookSeries */
select
  series as "series!",
  next_number as "next!"
from
  invoice_series;
