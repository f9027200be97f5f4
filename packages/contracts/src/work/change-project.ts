import { Static, Type } from 'typebox';
import { Day, Duration, FirmAndId, Id, Name, Version, endpoint, nullable, strict } from '../platform/fields';
import { Complete, Tone } from './known-work';
import { WorkName } from './create-project';

/** What somebody says of a project; none of it moves a price. */
export const ProjectFacts = strict({
  name: WorkName,
  code: Type.String({ minLength: 1, maxLength: 20, pattern: '\\S' }),
  /** The client's own number for it, printed on invoices. */
  orderReference: Type.String({ maxLength: 100 }),
  managerId: Id,
  tone: Tone,
  estimate: Duration,
  /** The first and the last day that are thought of; neither moves or refuses any time. */
  startsOn: nullable(Day),
  endsOn: nullable(Day),
  complete: Complete,
  /** Words of any kind, with links. */
  notes: Type.String({ maxLength: 10_000 }),
  /** One of the firm's own list. */
  stateId: Id,
  /** Whether it is out of sight: it takes no time and is offered no more, and nothing of it goes. */
  archived: Type.Boolean(),
});
export type ProjectFacts = Static<typeof ProjectFacts>;

export const KnownProject = strict({
  id: Id,
  client: nullable(Name),
  facts: ProjectFacts,
  /** The name of its state. */
  state: Name,
  version: Version,
});
export type KnownProject = Static<typeof KnownProject>;

/** A project with what was said of it. */
export const readProject = endpoint({
  summary: 'A project with what was said of it',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/projects/:id',
  permission: 'work.read',
  params: FirmAndId,
  answer: KnownProject,
  problems: ['scope-unknown'],
});

/** Change what is said of a project. What is recorded on it and not decided on is marked where it takes time no more. */
export const changeProject = endpoint({
  summary: 'Change what is said of a project; what is recorded on it and not decided on is marked where it takes time no more',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/projects/:id',
  permission: 'work.change',
  params: FirmAndId,
  body: ProjectFacts,
  answer: KnownProject,
  problems: [
    ...(['scope-unknown', 'project-exists', 'code-taken', 'person-unknown', 'left-already', 'lead-not-yours'] as const),
    ...(['state-unknown', 'client-archived', 'range-reversed', 'nothing-to-change'] as const),
  ],
});

/** Take a project away that nothing refers to, with its tasks and what was agreed of it. */
export const removeProject = endpoint({
  summary: 'Take a project away that nothing refers to, with its tasks and what was agreed of it',
  kind: 'change',
  method: 'DELETE',
  path: '/f/:firm/projects/:id',
  permission: 'work.change',
  params: FirmAndId,
  problems: ['scope-unknown', 'project-used'],
});
