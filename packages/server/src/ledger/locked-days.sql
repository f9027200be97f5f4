/* @name lockedUntil */
select
  locked_until as "day?"
from
  firm;
