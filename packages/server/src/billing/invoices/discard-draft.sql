/* @name deleteInvoice */
delete from invoice
where
  id = :id!;
