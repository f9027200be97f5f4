-- Documents, what they bill, and what settles them.
-- Up Migration
create table invoice_series (
  firm_id uuid not null references firm,
  series text not null,
  prefix text not null,
  next_number integer not null default 1 check (next_number > 0),
  primary key (firm_id, series)
);

-- Invoices and credit notes; a credit note's amounts are negative.
create table invoice (
  firm_id uuid not null references firm,
  id uuid not null,
  kind text not null check (kind in ('invoice', 'credit note')),
  status text not null check (status in ('draft', 'issued', 'void')),
  series text not null,
  number integer,
  number_text text,
  client_id uuid not null,
  currency text not null check (currency ~ '^[A-Z]{3}$'),
  up_to date,
  grouping text check (grouping in ('task', 'entry')),
  issued_on date,
  supply_from date not null,
  supply_to date not null,
  due_on date,
  net_minor bigint not null,
  tax_minor bigint not null,
  gross_minor bigint not null,
  settled_minor bigint not null default 0,
  credited_minor bigint not null default 0,
  credits_id uuid,
  reason text not null default '',
  sent_at timestamptz,
  -- The document as it was issued: seller, buyer, texts, lines, taxes. The PDF is made from this alone.
  snapshot jsonb,
  -- What the draft was asked to hold; a draft is made anew from it when it is issued.
  wish jsonb,
  created_by uuid not null,
  created_at timestamptz not null,
  issued_by uuid,
  issued_at timestamptz,
  version integer not null default 1,
  primary key (firm_id, id),
  foreign key (firm_id, client_id) references client,
  foreign key (firm_id, credits_id) references invoice,
  foreign key (firm_id, created_by) references person,
  unique (firm_id, series, number),
  check (gross_minor = net_minor + tax_minor),
  check ((kind = 'credit note') = (credits_id is not null)),
  check ((status = 'draft') = (number is null)),
  check ((status = 'draft') = (snapshot is null)),
  check (
    status <> 'void'
    or sent_at is null
  ),
  constraint invoice_settled_within check (
    case
      when kind = 'invoice' then settled_minor between 0 and greatest(gross_minor, 0)
      else settled_minor between gross_minor and 0
    end
  ),
  constraint invoice_credited_within check (
    credited_minor between 0 and greatest(gross_minor, 0)
    or kind <> 'invoice'
  )
);

create index invoice_client on invoice (firm_id, client_id, issued_on);

create index invoice_open on invoice (firm_id, due_on)
where
  status = 'issued'
  and kind = 'invoice'
  and settled_minor < gross_minor;

create index invoice_issued on invoice (firm_id, issued_on);

create unique index invoice_one_full_credit on invoice (firm_id, credits_id)
where
  kind = 'credit note';

create table invoice_line (
  firm_id uuid not null references firm,
  id uuid not null,
  invoice_id uuid not null,
  place integer not null,
  key text not null,
  kind text not null check (kind in ('time', 'write-down', 'over-limit')),
  project_id uuid not null,
  agreement_id uuid not null,
  text text not null,
  text_edited boolean not null default false,
  quantity bigint not null,
  rate bigint not null,
  decimal_places integer,
  category text not null check (category in ('S', 'Z', 'E', 'AE', 'O')),
  tax_rate bigint not null,
  net_minor bigint not null,
  reason text not null default '',
  primary key (firm_id, id),
  unique (firm_id, invoice_id, place),
  check (
    kind <> 'write-down'
    or reason <> ''
  ),
  foreign key (firm_id, invoice_id) references invoice on delete cascade,
  foreign key (firm_id, project_id) references project,
  foreign key (firm_id, agreement_id) references agreement
);

create index invoice_line_project on invoice_line (firm_id, project_id);

create index invoice_line_agreement on invoice_line (firm_id, agreement_id);

create table line_share (
  firm_id uuid not null references firm,
  line_id uuid not null,
  entry_id uuid not null,
  quantity bigint not null,
  amount_minor bigint not null,
  live boolean not null default true,
  primary key (firm_id, line_id, entry_id),
  foreign key (firm_id, line_id) references invoice_line on delete cascade,
  foreign key (firm_id, entry_id) references entry
);

create index line_share_entry on line_share (firm_id, entry_id);

create table invoice_tax (
  firm_id uuid not null references firm,
  invoice_id uuid not null,
  category text not null,
  rate bigint not null,
  base_minor bigint not null,
  tax_minor bigint not null,
  reason text not null default '',
  primary key (firm_id, invoice_id, category, rate),
  foreign key (firm_id, invoice_id) references invoice on delete cascade
);

-- Rendered once from the snapshot, at issue or when first opened, and never again.
create table invoice_pdf (
  firm_id uuid not null references firm,
  invoice_id uuid not null,
  bytes bytea not null,
  sha256 text not null check (length(sha256) = 64),
  made_at timestamptz not null,
  primary key (firm_id, invoice_id),
  foreign key (firm_id, invoice_id) references invoice
);

create table payment (
  firm_id uuid not null references firm,
  id uuid not null,
  client_id uuid not null,
  currency text not null check (currency ~ '^[A-Z]{3}$'),
  amount_minor bigint not null check (amount_minor > 0),
  received_on date not null,
  reference text not null default '',
  recorded_by uuid not null,
  recorded_at timestamptz not null,
  reversed_at timestamptz,
  reversal_reason text not null default '',
  primary key (firm_id, id),
  check (
    reversed_at is null
    or reversal_reason <> ''
  ),
  foreign key (firm_id, client_id) references client
);

create index payment_client on payment (firm_id, client_id, received_on);

-- The part of a payment, or of a credit note, that settles an invoice. What a payment has beyond its
-- allocations is the client's credit.
create table allocation (
  firm_id uuid not null references firm,
  id uuid not null,
  invoice_id uuid not null,
  kind text not null check (kind in ('payment', 'credit note')),
  payment_id uuid,
  credit_id uuid,
  amount_minor bigint not null check (amount_minor > 0),
  live boolean not null default true,
  at timestamptz not null,
  primary key (firm_id, id),
  check ((kind = 'payment') = (payment_id is not null)),
  check ((kind = 'credit note') = (credit_id is not null)),
  foreign key (firm_id, invoice_id) references invoice,
  foreign key (firm_id, payment_id) references payment,
  foreign key (firm_id, credit_id) references invoice
);

create index allocation_invoice on allocation (firm_id, invoice_id);

create index allocation_payment on allocation (firm_id, payment_id);

-- A counter per entry and per invoice, moved row by row under the row's own lock: a trigger that only
-- summed would let two parallel transactions bill the same hour.
create function move_billed_quantity() returns trigger language plpgsql as $$
declare
  gone bigint := 0;
  come bigint := 0;
begin
  if tg_op in ('UPDATE', 'DELETE') and old.live then gone := old.quantity; end if;
  if tg_op in ('UPDATE', 'INSERT') and new.live then come := new.quantity; end if;
  if tg_op = 'UPDATE' and (old.entry_id, old.line_id) is distinct from (new.entry_id, new.line_id) then
    raise exception 'a share cannot move to another entry or line';
  end if;
  if come <> gone then
    update entry set billed_quantity = billed_quantity + come - gone
      where firm_id = coalesce(new.firm_id, old.firm_id) and id = coalesce(new.entry_id, old.entry_id);
  end if;
  return null;
end $$;

create trigger line_share_moves_billed
after insert or update or delete on line_share for each row
execute function move_billed_quantity ();

create function move_settled() returns trigger language plpgsql as $$
declare
  gone bigint := 0;
  come bigint := 0;
begin
  if tg_op in ('UPDATE', 'DELETE') and old.live then gone := old.amount_minor; end if;
  if tg_op in ('UPDATE', 'INSERT') and new.live then come := new.amount_minor; end if;
  if come <> gone then
    update invoice
      set settled_minor = settled_minor + come - gone,
          credited_minor = credited_minor + case when coalesce(new.kind, old.kind) = 'credit note'
            then come - gone else 0 end
      where firm_id = coalesce(new.firm_id, old.firm_id) and id = coalesce(new.invoice_id, old.invoice_id);
  end if;
  return null;
end $$;

create trigger allocation_moves_settled
after insert or update or delete on allocation for each row
execute function move_settled ();

-- What has been issued stays as it was issued.
create function keep_issued() returns trigger language plpgsql as $$
begin
  if tg_op = 'DELETE' then
    if old.status <> 'draft' then raise exception 'an issued document cannot be deleted'; end if;
    return old;
  end if;
  if old.status <> 'draft' and (
    (old.kind, old.series, old.number, old.client_id, old.currency, old.issued_on, old.due_on, old.net_minor,
      old.tax_minor, old.snapshot)
    is distinct from
    (new.kind, new.series, new.number, new.client_id, new.currency, new.issued_on, new.due_on, new.net_minor,
      new.tax_minor, new.snapshot)
    or new.status = 'draft'
  ) then
    raise exception 'an issued document cannot be changed';
  end if;
  return new;
end $$;

create trigger invoice_keep_issued
before update or delete on invoice for each row
execute function keep_issued ();
