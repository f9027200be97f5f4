/* @name clientToChange */
select
  c.id as "id!",
  c.currency as "currency!",
  c.name as "name!",
  c.address as "address!",
  c.country as "country!",
  c.email as "email!",
  coalesce(c.tax_id, '') as "taxId!",
  c.payment_days as "paymentDays!",
  c.archived as "archived!",
  c.version as "version!"
from
  client c
where
  c.id = :id!
  and (
    :reach!::text = 'firm'
    or exists (
      select
      from
        projects_to_change (:reach!, :asker!) p
      where
        p.client_id = c.id
    )
    -- One that has no project yet belongs to nobody in particular.
    or not exists (
      select
      from
        project p
      where
        p.client_id = c.id
    )
  );

/* @name setClient */
update client
set
  name = :name!,
  address = :address!,
  country = :country!,
  email = :email!,
  tax_id = nullif(:taxId!, ''),
  payment_days = :paymentDays!,
  archived = :archived!,
  version = version + 1
where
  id = :id!;

/* @name projectsUnderWay */
select
  count(*) as "projects!"
from
  project p
where
  p.client_id = :client!
  and is_live (p);
