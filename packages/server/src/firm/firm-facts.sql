/* @name firmFacts */
select
  f.name as "name!",
  f.address as "address!",
  f.tax_id as "taxId!",
  f.email as "email!",
  f.payment_details as "paymentDetails!",
  f.opening as "opening!",
  f.closing as "closing!",
  l.id as "logoId?",
  l.width as "width?",
  l.height as "height?",
  f.forms as "forms!",
  f.version as "version!",
  i.prefix as "invoicePrefix!",
  i.next_number as "nextInvoice!",
  c.prefix as "creditPrefix!",
  exists (
    select
    from
      invoice d
    where
      d.series = 'invoice'
      and d.number is not null
  ) as "numbered!"
from
  firm f
  join invoice_series i on i.firm_id = f.firm_id
  and i.series = 'invoice'
  join invoice_series c on c.firm_id = f.firm_id
  and c.series = 'credit note'
  left join logo l on l.firm_id = f.firm_id
  and l.id = f.logo_id;

/* @name lockFirm */
select
  version as "version!"
from
  firm
for update;

/* @name setFirm */
update firm
set
  name = :name!,
  address = :address!,
  tax_id = :taxId!,
  email = :email!,
  payment_details = :paymentDetails!,
  opening = :opening!,
  closing = :closing!,
  forms = :forms!,
  version = version + 1;

/* @name setSeries */
update invoice_series
set
  prefix = :prefix!,
  next_number = coalesce(:next, next_number)
where
  series = :series!;
