/* @name updateDraftTotals */
update invoice
set
  supply_from = :supplyFrom!,
  supply_to = :supplyTo!,
  net_minor = :net!,
  tax_minor = :tax!,
  gross_minor = :gross!
where
  id = :id!;
