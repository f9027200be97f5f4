/* @name findAccount */
select
  id as "id!",
  email as "email!",
  name as "name!",
  password_hash as "passwordHash!",
  theme as "theme!",
  duration_form as "durationForm!",
  forms as "forms!"
from
  account_by_id (:id!);

/* @name firmsOfAccount */
select
  slug as "slug!",
  name as "name!"
from
  firm_addresses (:account!);

/* @name setPassword */
select
  change_password (:account!, :hash!);

/* @name setPreferences */
select
  change_preferences (:account!, :theme!, :form!, :forms);

/* @name endOtherSessions */
select
  end_sessions (:account!, :but!);

/* @name ownSight */
select
  f.own_words as "words!",
  f.work_text as "workText!",
  f.functions_off as "off!",
  f.review as "review!",
  p.guide as "guide!"
from
  firm f
  join person p on p.firm_id = f.firm_id
where
  p.id = :person!;

/* @name viewsOfPerson */
select
  name as "name!",
  choice as "choice!"
from
  person_view
where
  person_id = :person!;

/* @name keepView */
insert into
  person_view (firm_id, person_id, name, choice)
values
  (:firm!, :person!, :name!, :choice!)
on conflict (firm_id, person_id, name) do update
set
  choice = excluded.choice;

/* @name anyFirm */
select
  any_firm () as "any!";

/* @name sessionsOf */
select
  id as "id!",
  own as "own!",
  began_at as "beganAt?",
  agent as "agent?"
from
  sessions_of (:account!, :own!);

/* @name setName */
select
  change_name (:account!, :name!);
