-- Beside firm.sql: two thousand people in three hundred teams; the manager leads forty.
insert into
  person (firm_id, id, name, email, staff_number, kind, department_id, zone, started_on)
select
  pg_temp.id ('firm'),
  pg_temp.id ('person' || p),
  'Person ' || p,
  'person' || p || '@measured.example',
  'M' || p,
  'employee',
  pg_temp.id ('department'),
  'Europe/London',
  '2000-01-01'
from
  generate_series(150, 1999) p;

insert into
  person_position (firm_id, person_id, position_id, valid_from, valid_to)
select
  pg_temp.id ('firm'),
  pg_temp.id ('person' || p),
  pg_temp.id ('position'),
  '2000-01-01',
  null
from
  generate_series(150, 1999) p;

insert into
  person_role
select
  pg_temp.id ('firm'),
  pg_temp.id ('person' || p),
  'staff'
from
  generate_series(150, 1999) p;

insert into
  team
select
  pg_temp.id ('firm'),
  pg_temp.id ('team' || t),
  'Team ' || t,
  pg_temp.id ('person' || t)
from
  generate_series(15, 299) t;

insert into
  team_person
select
  pg_temp.id ('firm'),
  pg_temp.id (
    'team' || case
      when p < 180 then 1
      else 15 + p % 285
    end
  ),
  pg_temp.id ('person' || p)
from
  generate_series(150, 1999) p;

-- Who is known to whoever guesses at addresses.
insert into
  account (id, email, name, password_hash)
select
  pg_temp.id ('known' || k),
  'known' || k || '@measured.example',
  'Known ' || k,
  :password
from
  generate_series(0, 199) k;
