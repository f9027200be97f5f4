/* @name pdfOf */
select
  bytes as "bytes!",
  sha256 as "sha256!"
from
  invoice_pdf
where
  invoice_id = :invoice!;

/* @name keepPdf */
insert into
  invoice_pdf (firm_id, invoice_id, bytes, sha256, made_at)
values
  (:firm!, :invoice!, :bytes!, :sha256!, :now!)
on conflict do nothing;
