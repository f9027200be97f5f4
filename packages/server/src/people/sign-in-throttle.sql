/* @name signInFailures */
select
  f.subject as "subject!",
  f.count as "count!",
  f.last_at as "lastAt!"
from
  sign_in_failures (:subjects!) f;

/* @name noteSignInFailure */
select
  note_sign_in_failure (:subjects!, :now!, :forgotten!);

/* @name forgetSignInFailures */
select
  forget_sign_in_failures (:subjects!);
