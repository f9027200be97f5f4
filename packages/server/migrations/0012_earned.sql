-- Whether value counts as earned with the work: of time unless it is written off, of a fee until a document
-- bills it and says itself what is earned.
create function is_earned(kind text, stage text, billing_state text) returns boolean
  language sql immutable parallel safe as $$
  select case when kind = 'fee' then is_unbilled(stage, billing_state) else billing_state <> 'written off' end
$$;

grant
execute on function is_earned to yellowwood_app;
