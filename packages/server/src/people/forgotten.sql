/* @name resetPassword */
select
  reset_password (:hash!, :password!, :now!) as "email?";
