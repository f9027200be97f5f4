/* @name bumpInvoice */
update invoice
set
  version = version + 1
where
  id = :id!;
