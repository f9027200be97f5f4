-- A link may give a role of the firm's own. Nobody joins by one whose role was ended.
-- Up Migration
alter table join_link
alter column role
drop not null,
add column own_role_id uuid,
add constraint join_link_role check (num_nonnulls (role, own_role_id) <= 1),
add foreign key (firm_id, own_role_id) references own_role on delete set null (own_role_id);
