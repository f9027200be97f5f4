/* @name instructions */
select
  i.version as "version!",
  i.wording as "wording!",
  p.name as "by!",
  i.made_at as "at!"
from
  instruction i
  join person p on p.firm_id = i.firm_id
  and p.id = i.made_by
order by
  i.version desc;

/* @name ownInstruction */
select
  i.version as "version!",
  i.wording as "wording!",
  p.name as "by!",
  i.made_at as "at!",
  d.day as "confirmedOn?"
from
  instruction i
  join person p on p.firm_id = i.firm_id
  and p.id = i.made_by
  left join instructed d on d.firm_id = i.firm_id
  and d.version = i.version
  and d.person_id = :person!
order by
  i.version desc
limit
  1;

/* @name toConfirm */
select
  i.version as "version!",
  exists (
    select
    from
      instructed d
    where
      d.version = i.version
      and d.person_id = :person!
  ) as "done!"
from
  instruction i
order by
  i.version desc
limit
  1;

/* @name addInstruction */
insert into
  instruction (firm_id, version, wording, made_by, made_at)
values
  (:firm!, :version!, :wording!, :by!, :now!);

/* @name addInstructed */
insert into
  instructed (firm_id, version, person_id, how, day, noted_by, noted_at, paper_name, paper)
select
  :firm!,
  :version!,
  p.id,
  :how!,
  :day!,
  :by!,
  :now!,
  :paperName,
  :paper
from
  person p
where
  p.id = any (:people!)
on conflict do nothing
returning
  person_id as "id!";

/* @name peopleNamed */
select
  p.id as "id!",
  p.name as "name!"
from
  person p
where
  p.id = any (:people!)
order by
  p.name;

/* @name instructedPeople */
select
  p.id as "id!",
  p.name as "name!",
  coalesce(
    (
      select
        jsonb_agg(
          jsonb_build_object(
            'version',
            d.version,
            'how',
            d.how,
            'day',
            d.day,
            'by',
            n.name,
            'paper',
            d.paper_name
          )
          order by
            d.version desc
        )
      from
        instructed d
        join person n on n.firm_id = d.firm_id
        and n.id = d.noted_by
      where
        d.firm_id = p.firm_id
        and d.person_id = p.id
    ),
    '[]'
  ) as "instructed!"
from
  person p
where
  p.left_on is null
  or exists (
    select
    from
      instructed d
    where
      d.firm_id = p.firm_id
      and d.person_id = p.id
  )
order by
  p.name,
  p.id;

/* @name paperOf */
select
  d.paper_name as "name!",
  d.paper as "bytes!"
from
  instructed d
where
  d.person_id = :person!
  and d.paper is not null
order by
  d.version desc
limit
  1;
