/* @name secondFactorOf */
select
  secret as "secret!",
  confirmed as "confirmed!",
  last_step as "lastStep!",
  codes as "codes!"
from
  second_factor_of (:account!);

/* @name beginFactor */
select
  begin_second_factor (:account!, :secret!) as "begun!";

/* @name takeCode */
select
  take_code (:account!, :step!, :now!) as "taken!";

/* @name takeRecoveryCode */
select
  take_recovery_code (:account!, :hash!) as "taken!";

/* @name keepRecoveryCodes */
select
  keep_recovery_codes (:account!, :hashes!);

/* @name endFactor */
select
  end_second_factor (:account!);
