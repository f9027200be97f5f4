import { AnswerOf, BodyOf, Endpoints, Group } from '@yellowwood/contracts';
import {
  addGroupDepartment,
  addGroupPosition,
  listGroups as groupsOfFirm,
  setDepartment,
  setPosition,
} from '../generated/people/groups.queries';
import { audit } from '../platform/audit';
import { Context, today } from '../platform/context';
import { problem } from '../platform/problem';
import { oneAtATime } from './change-person';

/** The positions and departments of the firm. */
export async function listGroups(context: Context): Promise<AnswerOf<Endpoints['listGroups']>> {
  const rows = await groupsOfFirm.run({ on: today(context) }, context.tx);
  return { groups: rows.map((row) => ({ ...row, kind: row.kind as Group['kind'] })) };
}

/** @throws the problem `group-exists` where one that is not ended has the name */
function refuseTwin(groups: readonly Group[], { id, kind, name }: Pick<Group, 'id' | 'kind' | 'name'>): void {
  const twin = (one: Group) => one.kind === kind && one.id !== id && one.name.toLowerCase() === name.toLowerCase();
  if (groups.some((one) => twin(one) && !one.ended)) throw problem('group-exists');
}

/** Makes a position or a department. @throws the problem `group-exists` */
export async function createGroup(context: Context, wish: BodyOf<Endpoints['createGroup']>): Promise<null> {
  const { tx, firm } = context;
  const group = { ...wish, name: wish.name.trim() };
  await oneAtATime(context);
  refuseTwin((await listGroups(context)).groups, group);
  const add = group.kind === 'position' ? addGroupPosition : addGroupDepartment;
  await add.run({ firm: firm.id, id: group.id, name: group.name }, tx);
  await audit(context, `${group.kind} made`, [{ kind: group.kind, id: group.id, after: { name: group.name } }]);
  return null;
}

/**
 * Renames a position or a department, ends it where nobody has it, or takes it up again.
 * @throws the problems `group-unknown`, `version-stale`, `group-exists`, `group-held`, `nothing-to-change`
 */
export async function changeGroup(
  context: Context,
  id: string,
  { name, ended }: BodyOf<Endpoints['changeGroup']>,
  version: number,
): Promise<null> {
  await oneAtATime(context);
  const { groups } = await listGroups(context);
  const known = groups.find((one) => one.id === id);
  if (!known) throw problem('group-unknown');
  if (known.version !== version) throw problem('version-stale');
  const after = { name: name.trim(), ended };
  const before = { name: known.name, ended: known.ended };
  if (JSON.stringify(before) === JSON.stringify(after)) throw problem('nothing-to-change');
  if (!ended) refuseTwin(groups, { ...known, name: after.name });
  if (ended && known.people > 0) throw problem('group-held', { count: known.people });
  const set = known.kind === 'position' ? setPosition : setDepartment;
  await set.run({ id, ...after }, context.tx);
  await audit(context, `${known.kind} changed`, [{ kind: known.kind, id, before, after }]);
  return null;
}
