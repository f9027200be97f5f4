-- What is agreed of a project is changed in the product, from a day on.
-- Up Migration
-- What nothing is billed by gives way to what is agreed instead; the time that it prices is priced anew with it.
alter table entry
alter constraint entry_firm_id_rate_rule_id_fkey
deferrable;

grant delete on agreement to yellowwood_app;

grant insert,
delete on rate_rule to yellowwood_app;
