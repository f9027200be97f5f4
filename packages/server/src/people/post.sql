/* @name writeMail */
select
  write_mail (:id!, :kind!, :recipient!, :now!, :firm, :about);
