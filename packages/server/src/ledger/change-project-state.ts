import { BodyOf, Endpoints } from '@yellowwood/contracts';
import { differs } from '@yellowwood/core';
import { placeStates, projectsOfThisState, setState } from '../generated/ledger/change-project-state.queries';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';
import { takeTurn } from '../platform/turn';
import { heldState, refuseNone, refuseTwin } from '../work/project-states';
import { markProjects } from './change-project';
import { holdRules } from './locks';

/**
 * Changes a state of projects, or its place. Where time is recorded in it no more, what is recorded on its projects and
 * not decided on wants another project; where it is again, it does not.
 * @throws the problems `state-unknown`, `version-stale`, `state-exists`, `state-last`, `nothing-to-change`
 */
export async function changeProjectState(
  context: Context,
  id: string,
  wish: BodyOf<Endpoints['changeProjectState']>,
  version: number,
): Promise<null> {
  const { tx } = context;
  // Nobody records on its projects meanwhile: what they record is marked, or comes after.
  await holdRules(context, 'exclusive');
  await takeTurn(context, 'work');
  const { states, known } = await heldState(context, id, version);
  const { name, records, open } = known;
  const before = { name, records, open, place: states.indexOf(known) };
  const others = states.filter((state) => state.id !== id);
  const after = { ...wish, name: wish.name.trim(), place: Math.min(wish.place, others.length) };
  if (!differs(before, after, ['name', 'records', 'open', 'place'])) throw problem('nothing-to-change');
  refuseTwin(states, after.name, id);
  refuseNone([...others, after]);
  await setState.run({ id, ...after }, tx);
  await placeStates.run({ ids: others.map((state) => state.id).toSpliced(after.place, 0, id) }, tx);
  if (after.records !== records) {
    const projects = await projectsOfThisState.run({ id }, tx);
    await markProjects(
      context,
      projects.map((project) => project.id),
      after.records,
    );
  }
  const told = ({ place, ...facts }: typeof after) => ({ ...facts, order: place + 1 });
  await audit(context, 'state changed', [{ kind: 'state', id, before: told(before), after: told(after) }]);
  return null;
}
