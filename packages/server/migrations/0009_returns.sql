-- Only a return concerns a period as a whole: who reads such decisions need not ask which they are.
alter table decision
add constraint decision_whole_period check (
  entry_id is not null
  or outcome = 'return'
);
