/* @name markInvoiceSent */
update invoice
set
  sent_at = :now!,
  version = version + 1
where
  id = :id!;
