/* @name nextNumber */
select
  prefix as "prefix!",
  next_number as "next!"
from
  invoice_series
where
  series = :series!;
