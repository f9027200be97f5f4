/* @name timersOf */
select
  t.id as "id!",
  t.project_id as "projectId?",
  t.task_id as "taskId?",
  t.service_id as "serviceId?",
  t.billable as "billable?",
  t.note as "note!",
  t.running as "running!",
  t.version as "version!",
  s.place as "place!",
  s.start_at as "startAt!",
  s.end_at as "endAt?"
from
  timer t
  join timer_segment s on s.firm_id = t.firm_id
  and s.timer_id = t.id
where
  t.person_id = :person!
order by
  t.created_at,
  t.id,
  s.place;

/* @name insertSegment */
insert into
  timer_segment (firm_id, timer_id, place, start_at)
values
  (:firm!, :timer!, :place!, :startAt!);

/* @name setRunning */
update timer
set
  running = :running!,
  version = version + 1
where
  id = :id!;

/* @name deleteTimer */
delete from timer
where
  id = :id!;
