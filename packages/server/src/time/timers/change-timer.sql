/* @name updateTimer */
update timer
set
  project_id = :project,
  task_id = :task,
  service_id = :service,
  billable = :billable,
  note = :note!,
  version = version + 1
where
  id = :id!;

/* @name moveSegmentStart */
update timer_segment
set
  start_at = :startAt!
where
  timer_id = :timer!
  and place = :place!;
