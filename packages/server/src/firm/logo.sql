/* @name addLogo */
insert into
  logo (firm_id, id, png, width, height, made_at)
values
  (:firm!, :id!, :png!, :width!, :height!, :now!);

/* @name setLogo */
update firm
set
  logo_id = :logo,
  version = version + 1;

/* @name logoById */
select
  png as "png!"
from
  logo
where
  id = :id!;
