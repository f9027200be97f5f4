/* @name openDocuments */
select
  i.currency as "currency!",
  i.due_on as "due!",
  i.gross_minor - i.settled_minor as "open!"
from
  invoices_in_reach (:reach!, :asker!) i
where
  is_open (i.status, i.kind, i.settled_minor, i.gross_minor)
  and invoice_in_scope (i.firm_id, i.id, :all!, :projects!, :whose);

/* @name clientCredit */
select
  p.client_id as "clientId!",
  c.name as "clientName!",
  p.currency as "currency!",
  sum(
    p.amount_minor - coalesce(
      (
        select
          sum(a.amount_minor)
        from
          allocation a
        where
          a.firm_id = p.firm_id
          and a.payment_id = p.id
          and a.live
      ),
      0
    )
  ) as "minor!"
from
  payment p
  join client c on c.firm_id = p.firm_id
  and c.id = p.client_id
where
  p.reversed_at is null
group by
  p.client_id,
  c.name,
  p.currency
having
  sum(
    p.amount_minor - coalesce(
      (
        select
          sum(a.amount_minor)
        from
          allocation a
        where
          a.firm_id = p.firm_id
          and a.payment_id = p.id
          and a.live
      ),
      0
    )
  ) > 0
order by
  c.name;
