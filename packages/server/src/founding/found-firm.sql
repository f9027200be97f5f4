/* @name foundFirm */
select
  found_firm (
    :id!,
    :slug!,
    :name!,
    :country!,
    :currency!,
    :zone!,
    :weekStart!,
    :account!,
    :person!,
    :started!,
    :now!
  ) as "slug!";

/* @name addSeries */
insert into
  invoice_series (firm_id, series, prefix, next_number)
values
  (:firm!, :series!, :prefix!, 1);

/* @name addTaxRate */
insert into
  tax_rate (firm_id, category, name, rate, reason, valid_from)
values
  (:firm!, :category!, :name!, :rate!, :reason!, :validFrom!);

/* @name addPosition */
insert into
  position(firm_id, id, name)
values
  (:firm!, :id!, :name!);

/* @name givePosition */
insert into
  person_position (firm_id, person_id, position_id, valid_from)
values
  (:firm!, :person!, :position!, :validFrom!);

/* @name addDepartment */
insert into
  department (firm_id, id, name)
values
  (:firm!, :id!, :name!);
