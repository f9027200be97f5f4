/* @name markInvoiceVoid */
update invoice
set
  status = 'void',
  reason = :reason!,
  version = version + 1
where
  id = :id!;

/* @name releaseShares */
update line_share s
set
  live = false
from
  invoice_line l
where
  l.firm_id = s.firm_id
  and l.id = s.line_id
  and l.invoice_id = :invoice!;
