/* @name listGroups */
select
  g.id as "id!",
  'position' as "kind!",
  g.name as "name!",
  g.ended as "ended!",
  g.version as "version!",
  (
    select
      count(*)
    from
      person_position pp
      join person p on p.firm_id = pp.firm_id
      and p.id = pp.person_id
    where
      pp.position_id = g.id
      and p.left_on is null
      and (
        pp.valid_to is null
        or pp.valid_to >= :on!
      )
  ) as "people!"
from
  position g
union all
select
  g.id,
  'department',
  g.name,
  g.ended,
  g.version,
  (
    select
      count(*)
    from
      person p
    where
      p.department_id = g.id
      and p.left_on is null
  )
from
  department g
order by
  3;

/* @name addGroupPosition */
insert into
  position(firm_id, id, name)
values
  (:firm!, :id!, :name!);

/* @name addGroupDepartment */
insert into
  department (firm_id, id, name)
values
  (:firm!, :id!, :name!);

/* @name setPosition */
update position
set
  name = :name!,
  ended = :ended!,
  version = version + 1
where
  id = :id!;

/* @name setDepartment */
update department
set
  name = :name!,
  ended = :ended!,
  version = version + 1
where
  id = :id!;
