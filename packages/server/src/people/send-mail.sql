/* @name mailToSend */
select
  kind as "kind!",
  account_id as "accountId?",
  name as "name?",
  firm as "firm?",
  sender as "sender?",
  recipient as "recipient!",
  sent_at as "sentAt?"
from
  mail_to_send (:id!);

/* @name noteMailSent */
select
  note_mail_sent (:id!, :now!);

/* @name keepToken */
select
  keep_token (:hash!, :account, :mail!, :expires!);
