/* @name mailToSend */
select
  kind as "kind!",
  recipient as "recipient!",
  account_id as "accountId?",
  name as "name?",
  sent_at as "sentAt?"
from
  mail_to_send (:id!);

/* @name noteMailSent */
select
  note_mail_sent (:id!, :now!);

/* @name keepToken */
select
  keep_token (:hash!, :kind!, :account!, :mail!, :expires!);
