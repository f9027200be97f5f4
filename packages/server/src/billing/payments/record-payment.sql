/* @name insertPayment */
insert into
  payment (
    firm_id,
    id,
    client_id,
    currency,
    amount_minor,
    received_on,
    reference,
    recorded_by,
    recorded_at
  )
values
  (
    :firm!,
    :id!,
    :client!,
    :currency!,
    :amount!,
    :receivedOn!,
    :reference!,
    :by!,
    :now!
  );
