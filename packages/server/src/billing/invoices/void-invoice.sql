/* @name markInvoiceVoid */
update invoice
set
  status = 'void',
  reason = :reason!,
  version = version + 1
where
  id = :id!;
