import {
  Amount,
  Count,
  Currency,
  Day,
  Duration,
  FirmPath,
  Id,
  Name,
  Scope,
  endpoint,
  nullable,
  optional,
  strict,
} from '../../platform/fields';
import { Static, Type } from 'typebox';

export const ToBillProject = strict({
  projectId: Id,
  projectName: Name,
  clientId: Id,
  clientName: Name,
  currency: Currency,
  oldest: Day,
  seconds: Duration,
  /** What may be billed now: never more than an agreed limit has left. */
  ready: Amount,
  /** Over the agreed limit: it waits to be decided on. */
  over: Amount,
  held: Count,
  unpriced: Count,
  /** Null for none, and for projects whose terms the reader may not know. */
  limit: nullable(Amount),
  /** Null for projects whose money the reader may not know. */
  billedNet: nullable(Amount),
});
export type ToBillProject = Static<typeof ToBillProject>;

export const ToBillList = strict({ upTo: Day, projects: Type.Array(ToBillProject) });
export type ToBillList = Static<typeof ToBillList>;

/** Projects with approved time to bill, the oldest first. */
export const listToBill = endpoint({
  summary: 'Projects with approved time to bill, the oldest first',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/billing',
  permission: 'invoices.read',
  params: FirmPath,
  query: strict({ scope: optional(Scope), upTo: Day }),
  answer: ToBillList,
  problems: ['scope-unknown'],
});
