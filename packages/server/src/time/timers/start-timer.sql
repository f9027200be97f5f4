/* @name insertTimer */
insert into
  timer (
    firm_id,
    id,
    person_id,
    project_id,
    task_id,
    service_id,
    billable,
    note,
    running,
    created_at
  )
values
  (
    :firm!,
    :id!,
    :person!,
    :project,
    :task,
    :service,
    :billable,
    :note!,
    true,
    :now!
  );
