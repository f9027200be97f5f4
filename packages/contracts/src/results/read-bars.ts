import { STAGES } from '@yellowwood/core';
import { Static, Type } from 'typebox';
import { Duration, FirmPath, Id, endpoint, optional, strict } from '../platform/fields';
import { SCOPES } from '../work/known-work';

export const StageSeconds = strict(
  Object.fromEntries(STAGES.map((stage) => [stage, Duration])) as Record<(typeof STAGES)[number], typeof Duration>,
);
export type StageSeconds = Static<typeof StageSeconds>;

/** Hours of one node by stage, what is recorded on it and below it together. */
export const StageBar = strict({
  id: Id,
  stages: StageSeconds,
  /** Of `approved`: work that ends there, internal or not billable. */
  ended: Duration,
});
export type StageBar = Static<typeof StageBar>;

/** How the hours of some projects and tasks stand by stage, and those of all work together. */
export const readBars = endpoint({
  summary: 'How the hours of some projects and tasks stand by stage, and those of all work together',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/bars',
  permission: 'work.read',
  params: FirmPath,
  query: strict({ of: optional(SCOPES) }),
  answer: strict({ bars: Type.Array(StageBar) }),
  conditional: true,
});
