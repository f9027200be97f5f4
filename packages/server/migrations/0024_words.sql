-- What a firm calls the levels of work, and which text names a project on the page.
-- Up Migration
alter table firm
add column own_words jsonb not null default '{}',
add column work_text text not null default 'name' check (work_text in ('name', 'code', 'order reference'));

grant
update (own_words, work_text) on firm to yellowwood_app;

-- The text that names a project on the page.
create function work_text(p project) returns text
  language sql stable as $$
  select case (select f.work_text from firm f where f.firm_id = p.firm_id)
    when 'code' then p.code
    when 'order reference' then coalesce(nullif(p.order_reference, ''), p.name)
    else p.name end
$$;

grant
execute on function work_text to yellowwood_app;
