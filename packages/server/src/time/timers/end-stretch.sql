/* @name closeSegment */
update timer_segment
set
  end_at = greatest(start_at, :at!)
where
  timer_id = :timer!
  and end_at is null;
