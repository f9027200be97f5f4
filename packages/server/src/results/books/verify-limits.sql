/* @name bookAgreements */
select
  a.id as "id!",
  a.project_id as "projectId!",
  a.currency as "currency!",
  a.limit_minor as "limit?",
  a.valid_from as "validFrom!"
from
  agreement a
order by
  a.valid_from;

/* @name bookWriteDowns */
select
  w.over_limit_line_id as "lineId!",
  w.amount_minor as "amount!"
from
  limit_write_down w;

/* @name bookWaiting */
select
  w.line_id as "lineId!",
  w.waiting_minor as "waiting!"
from
  over_limit_waiting () w;

/* @name bookToBill */
select
  b.id as "id!",
  b.ready_minor as "ready!",
  b.over_minor as "over!"
from
  to_bill_rows (:day!, :day!) b;
