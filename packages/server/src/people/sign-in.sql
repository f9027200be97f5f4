/* @name findAccountByEmail */
select
  id as "id!",
  name as "name!",
  password_hash as "passwordHash!"
from
  account_by_email (:email!);
