import { AnswerOf, BodyOf, Endpoints, ProjectState } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { addState, dropState, projectsOfState, statesOfProjects } from '../generated/work/project-states.queries';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';
import { takeTurn } from '../platform/turn';
import { asksForWork } from './known-work';

/** What a state says. */
export type StateFacts = Omit<BodyOf<Endpoints['createProjectState']>, 'id'>;

/** The states with which a firm begins. */
const FIRST: readonly StateFacts[] = [
  { name: 'Proposed', records: false, open: true },
  { name: 'Open', records: true, open: true },
  { name: 'On hold', records: false, open: true },
  { name: 'Finished', records: false, open: false },
];

/** Lays down the states with which a firm begins. */
export async function addFirstStates({ tx, firm }: Context): Promise<void> {
  for (const state of FIRST) await addState.run({ firm: firm.id, id: newId(), ...state }, tx);
}

/** The states that projects may have, in their order. */
export async function listProjectStates(context: Context): Promise<AnswerOf<Endpoints['listProjectStates']>> {
  const { reach, asker } = asksForWork(context);
  return { states: await statesOfProjects.run({ reach, asker }, context.tx) };
}

/**
 * A state as it is, with those that there are. Nobody changes another meanwhile.
 * @throws the problems `state-unknown`, `version-stale`
 */
export async function heldState(
  context: Context,
  id: string,
  version: number,
): Promise<{ states: readonly ProjectState[]; known: ProjectState }> {
  const { states } = await listProjectStates(context);
  const known = states.find((state) => state.id === id);
  if (!known) throw problem('state-unknown');
  if (known.version !== version) throw problem('version-stale');
  return { states, known };
}

/** @throws the problem `state-exists` where another has the name */
export function refuseTwin(states: readonly ProjectState[], name: string, id: string): void {
  if (states.some((one) => one.id !== id && one.name.toLowerCase() === name.toLowerCase())) throw problem('state-exists');
}

/** A new project begins in a state in which time is recorded. @throws the problem `state-last` where there were none */
export function refuseNone(states: readonly Pick<ProjectState, 'records' | 'open'>[]): void {
  if (!states.some(({ records, open }) => records && open)) throw problem('state-last');
}

/** Makes another state. @throws the problem `state-exists` */
export async function createProjectState(context: Context, wish: BodyOf<Endpoints['createProjectState']>): Promise<null> {
  const { id, ...facts } = { ...wish, name: wish.name.trim() };
  await takeTurn(context, 'work');
  refuseTwin((await listProjectStates(context)).states, facts.name, id);
  await addState.run({ firm: context.firm.id, id, ...facts }, context.tx);
  await audit(context, 'state made', [{ kind: 'state', id, after: facts }]);
  return null;
}

/** Takes a state away. @throws the problems `state-unknown`, `version-stale`, `state-held`, `state-last` */
export async function removeProjectState(context: Context, id: string, version: number): Promise<null> {
  await takeTurn(context, 'work');
  const { states, known } = await heldState(context, id, version);
  const [held] = await projectsOfState.run({ id }, context.tx);
  if (held!.projects > 0) throw problem('state-held', { count: held!.projects });
  refuseNone(states.filter((state) => state.id !== id));
  await dropState.run({ id }, context.tx);
  const { name, records, open } = known;
  await audit(context, 'state removed', [{ kind: 'state', id, before: { name, records, open } }]);
  return null;
}
