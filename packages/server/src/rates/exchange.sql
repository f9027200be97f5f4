/* @name exchangeRates */
select
  currency as "currency!",
  rate as "rate!",
  valid_from as "validFrom!",
  valid_to as "validTo?"
from
  exchange_rate
order by
  currency,
  valid_from;
