/* @name writeAddressChange */
select
  write_address_change (:id!, :account!, :email!, :now!);

/* @name takeAddress */
select
  id as "id!",
  was as "was!"
from
  change_address (:hash!, :account!, :now!, :keep!);
