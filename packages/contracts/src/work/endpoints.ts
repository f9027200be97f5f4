import { Type } from 'typebox';
import { STAGES } from '@yellowwood/core';
import {
  Amount,
  Count,
  Currency,
  Day,
  Duration,
  FirmPath,
  Id,
  Millionths,
  Name,
  Scope,
  choice,
  endpoint,
  nullable,
  strict,
  optional,
} from '../platform/fields';

const StageSeconds = strict(
  Object.fromEntries(STAGES.map((stage) => [stage, Duration])) as Record<(typeof STAGES)[number], typeof Duration>,
);

export const Work = strict({
  clients: Type.Array(strict({ id: Id, name: Name, currency: Currency })),
  departments: Type.Array(strict({ id: Id, name: Name })),
  projects: Type.Array(
    strict({
      id: Id,
      clientId: nullable(Id),
      departmentId: nullable(Id),
      name: Name,
      code: Type.String(),
      tone: Type.Integer({ minimum: 1, maximum: 12 }),
      open: Type.Boolean(),
      billable: Type.Boolean(),
      managerId: Id,
    }),
  ),
  tasks: Type.Array(
    strict({ id: Id, projectId: Id, parentId: nullable(Id), name: Name, kind: Type.String(), open: Type.Boolean() }),
  ),
  services: Type.Array(
    strict({ id: Id, code: Type.String(), name: Name, kind: choice('direct', 'indirect', 'leave'), billable: Type.Boolean() }),
  ),
});

/** Hours of one node by stage, what is recorded on it and below it together. */
export const StageBar = strict({
  id: Id,
  stages: StageSeconds,
  /** Of `approved`: work that ends there, internal or not billable. */
  ended: Duration,
});

const MoneyFigure = strict({ currency: Currency, minor: Amount });

/** What waits at each step, for the scope. A step is left out where the person has no business there. */
export const Overview = strict({
  scope: Scope,
  record: nullable(
    strict({
      from: Day,
      to: Day,
      recorded: Duration,
      planned: Duration,
      open: Duration,
      others: Type.Boolean(),
      returned: Count,
      /** Work date of the oldest returned entry. */
      returnedOn: nullable(Day),
    }),
  ),
  review: nullable(
    strict({ submitted: Duration, people: Count, oldest: nullable(Day), own: nullable(choice('open', 'submitted', 'approved')) }),
  ),
  bill: nullable(strict({ ready: Type.Array(MoneyFigure), unpriced: Count, oldest: nullable(Day) })),
  collect: nullable(strict({ open: Type.Array(strict({ currency: Currency, minor: Amount, late: Amount })) })),
  results: nullable(
    strict({ from: nullable(Day), to: nullable(Day), margin: nullable(Millionths), billableShare: nullable(Millionths) }),
  ),
  bars: Type.Array(StageBar),
});

export const workEndpoints = {
  readWork: endpoint({
    name: 'readWork',
    summary: 'Clients, projects, tasks and services that one may see',
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/work',
    permission: 'work.read',
    params: FirmPath,
    answer: Work,
  }),
  readOverview: endpoint({
    name: 'readOverview',
    summary: 'Where every hour stands: the figures of the steps and the stage bars of the tree',
    kind: 'read',
    method: 'GET',
    path: '/f/:firm/overview',
    permission: 'work.read',
    params: FirmPath,
    query: strict({ scope: optional(Scope) }),
    answer: Overview,
    problems: ['scope-unknown'],
  }),
};
