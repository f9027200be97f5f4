import { Count, Currency, Day, Id, Name, choice, nullable, strict } from '../platform/fields';
import { Static, Type } from 'typebox';

/** A scope that stands in a list: work that is below something, or a person. */
const Listed = '(client|department|project|task|person):[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}';
export const ListedScope = Type.String({ pattern: `^${Listed}$` });
/** Scopes of a request, with commas between. */
export const SCOPES = Type.String({
  pattern: `^${Listed}(,${Listed})*$`,
  maxLength: 10_000,
  description: 'scopes, with commas between',
});
/** What has a list below it: the firm (`top`), its people, or a piece of work; with how many pages of it are wanted. */
export const UNFOLDED = `(top|people|${Listed})(\\*[1-9][0-9]?)?`;

/** One of the twelve colours in which a project stands on the page. */
export const Tone = Type.Integer({ minimum: 1, maximum: 12 });
/** How much of a project is done, in percent; null where nobody says. */
export const Complete = nullable(Type.Integer({ minimum: 0, maximum: 100 }));

const KnownClient = strict({ id: Id, name: Name, currency: Currency, archived: Type.Boolean() });
const KnownDepartment = strict({ id: Id, name: Name });
const KnownProject = strict({
  id: Id,
  clientId: nullable(Id),
  departmentId: nullable(Id),
  name: Name,
  /** The text that names it on the page, as the firm chose. */
  shown: Name,
  code: Type.String(),
  orderReference: Type.String(),
  tone: Tone,
  /** The name of its state. */
  state: Name,
  /** Whether it counts as under way. */
  open: Type.Boolean(),
  /** Whether it takes time, and one may record some on it. */
  takesTime: Type.Boolean(),
  /** Of how many people and teams it takes time; null where of everybody. */
  named: nullable(strict({ people: Count, teams: Count })),
  archived: Type.Boolean(),
  billable: Type.Boolean(),
  managerId: Id,
  startsOn: nullable(Day),
  endsOn: nullable(Day),
  complete: Complete,
});
const KnownTask = strict({
  id: Id,
  projectId: Id,
  parentId: nullable(Id),
  name: Name,
  kind: Type.String(),
  open: Type.Boolean(),
});
const KnownPerson = strict({ id: Id, name: Name, position: nullable(Name) });

/** What work is called and belongs to; of everything that is in it also what it lies below. */
export const KnownWork = strict({
  clients: Type.Array(KnownClient),
  departments: Type.Array(KnownDepartment),
  projects: Type.Array(KnownProject),
  tasks: Type.Array(KnownTask),
  people: Type.Array(KnownPerson),
});
export type KnownWork = Static<typeof KnownWork>;

/** What is looked for: whatever stands in the tree; work to record on; a client; a project; somebody to name beside work. */
export const SOUGHT = ['tree', 'work', 'client', 'project', 'colleague'] as const;
export const Sought = choice(...SOUGHT);
export type Sought = (typeof SOUGHT)[number];
