/* @name setState */
update project_state
set
  name = :name!,
  records = :records!,
  open = :open!,
  version = version + 1
where
  id = :id!;

/* @name placeStates */
update project_state s
set
  place = o.place
from
  unnest(:ids!::uuid[]) with ordinality o (id, place)
where
  s.id = o.id;

/* @name projectsOfThisState */
select
  p.id as "id!"
from
  project p
where
  p.state_id = :id!
  and not p.archived;
