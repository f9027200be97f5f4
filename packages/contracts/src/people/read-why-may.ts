import { PERMISSIONS } from '@yellowwood/core';
import { Static, Type } from 'typebox';
import { FirmAndId, Id, Name, choice, endpoint, nullable, optional, strict } from '../platform/fields';
import { Reach, Role } from './held';

const Right = choice(...PERMISSIONS);

/** Whether somebody has a right over something, and why. */
export const WhyMay = strict({
  may: Type.Boolean(),
  /** How far the right reaches for them; null where they have it not. */
  reach: nullable(Reach),
  /** What gives it: roles, or an exception instead of them; and what holds it back. */
  sources: Type.Array(
    Type.Union([
      strict({ kind: choice('role'), name: Role, reach: Reach }),
      strict({ kind: choice('own role'), name: Name, reach: Reach }),
      strict({ kind: choice('exception'), reach: nullable(Reach) }),
      strict({ kind: choice('needs'), name: Right, reach: nullable(Reach) }),
    ]),
  ),
  /** By which ways it covers what was asked about. */
  ways: Type.Array(
    Type.Union([
      strict({ kind: choice('everybody', 'oneself', 'project', 'open', 'named') }),
      strict({ kind: choice('team'), name: Name }),
    ]),
  ),
});
export type WhyMay = Static<typeof WhyMay>;

/** Whether somebody has a right over the time of a person, on a project or on any, or over a project, and why. */
export const readWhyMay = endpoint({
  summary: 'Whether somebody has a right over the time of a person, on a project or on any, or over a project, and why',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/people/:id/may',
  permission: 'people.change',
  params: FirmAndId,
  query: strict({ right: Right, person: Id, project: optional(Id) }),
  answer: WhyMay,
  problems: ['person-unknown', 'project-unknown'],
});
