/* @name writeMail */
select
  write_mail (:id!, :kind!, :recipient!, :now!);

/* @name resetPassword */
select
  reset_password (:hash!, :password!, :now!) as "email?";
