/* @name invoiceRows */
select
  i.id as "id!",
  i.kind as "kind!",
  i.status as "status!",
  i.number_text as "number?",
  i.client_id as "clientId!",
  c.name as "clientName!",
  i.currency as "currency!",
  i.issued_on as "issuedOn?",
  i.due_on as "dueOn?",
  i.net_minor as "net!",
  i.gross_minor as "gross!",
  i.settled_minor as "settled!",
  i.credited_minor as "credited!",
  i.sent_at as "sentAt?",
  i.version as "version!",
  i.created_at as "createdAt!",
  (
    select
      array_agg(distinct work_text (p))
    from
      invoice_line l
      join project p on p.firm_id = l.firm_id
      and p.id = l.project_id
    where
      l.firm_id = i.firm_id
      and l.invoice_id = i.id
  ) as "projects?",
  (
    select
      max(pay.received_on)
    from
      allocation al
      join payment pay on pay.firm_id = al.firm_id
      and pay.id = al.payment_id
    where
      al.firm_id = i.firm_id
      and al.invoice_id = i.id
      and al.live
  ) as "lastPaid?",
  exists (
    select
      1
    from
      invoice n
    where
      n.firm_id = i.firm_id
      and n.credits_id = i.id
  ) as "hasCredit!"
from
  invoices_in_reach (:reach!, :asker!) i
  join client c on c.firm_id = i.firm_id
  and c.id = i.client_id
where
  (
    :anyId!
    or i.id = :id
  )
  and (
    :show! = 'all'
    or (
      :show! = 'drafts'
      and i.status = 'draft'
    )
    or (
      :show! = 'open'
      and is_open (i.status, i.kind, i.settled_minor, i.gross_minor)
    )
  )
  and invoice_in_scope (i.firm_id, i.id, :all!, :projects!, :whose)
  and case
    when :show! = 'open' then (i.due_on, i.id) > (:afterDay!::date, :afterId!::uuid)
    else (i.created_at, i.id) < (:beforeAt!::timestamptz, :beforeId!::uuid)
  end
order by
  case
    when :show! = 'open' then i.due_on
  end,
  case
    when :show! = 'open' then i.id
  end,
  i.created_at desc,
  i.id desc
limit
  :limit!;
