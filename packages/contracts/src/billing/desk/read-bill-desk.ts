import {
  Amount,
  Currency,
  Day,
  Duration,
  FirmPath,
  Id,
  Instant,
  Name,
  RateField,
  Scope,
  Version,
  endpoint,
  nullable,
  strict,
} from '../../platform/fields';
import { Static, Type } from 'typebox';

export const BillEntry = strict({
  id: Id,
  version: Version,
  date: Day,
  personId: Id,
  personName: Name,
  projectId: Id,
  taskId: nullable(Id),
  taskName: nullable(Name),
  serviceName: Name,
  note: Type.String(),
  recorded: Duration,
  seconds: Duration,
  rate: nullable(RateField),
  minor: nullable(Amount),
  holdReason: nullable(Type.String()),
  problems: Type.Array(Type.String()),
});
export type BillEntry = Static<typeof BillEntry>;

/** What can be billed to one client, for all of its projects or for one. */
export const BillDesk = strict({
  clientId: Id,
  clientName: Name,
  currency: Currency,
  upTo: Day,
  projects: Type.Array(
    strict({
      id: Id,
      name: Name,
      method: Type.String(),
      limit: nullable(Amount),
      billedNet: Amount,
      paidNet: Amount,
      submittedMinor: Amount,
    }),
  ),
  entries: Type.Array(BillEntry),
  /** What is not here, and why. */
  notHere: strict({ recorded: Duration, submitted: Duration, notBillable: Duration, later: Duration, inDrafts: Duration }),
  drafts: Type.Array(strict({ id: Id, version: Version, minor: Amount, at: Instant, by: Name })),
});
export type BillDesk = Static<typeof BillDesk>;

/** What can be billed to a client or project, and what cannot, and why. */
export const readBillDesk = endpoint({
  summary: 'What can be billed to a client or project, and what cannot, and why',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/billing/desk',
  permission: 'invoices.read',
  params: FirmPath,
  query: strict({ scope: Scope, upTo: Day }),
  answer: BillDesk,
  problems: ['scope-unknown'],
});
