/* @name writeSignUp */
select
  write_sign_up (:id!, :email!, :name!, :hash!, :consents!, :now!);

/* @name signUpOf */
select
  id as "id!",
  password_hash as "passwordHash!"
from
  sign_up_of (:hash!, :now!);

/* @name makeAccount */
select
  make_account (:hash!, :account!, :now!) as "account?";
