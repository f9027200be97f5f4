import {
  Amount,
  Count,
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
  choice,
  endpoint,
  nullable,
  strict,
} from '../../platform/fields';
import { Static, Type } from 'typebox';

export const BillEntry = strict({
  id: Id,
  kind: choice('time', 'fee'),
  version: Version,
  date: Day,
  personId: nullable(Id),
  personName: Type.String(),
  projectId: Id,
  taskId: nullable(Id),
  taskName: nullable(Name),
  serviceName: Type.String(),
  note: Type.String(),
  recorded: Duration,
  seconds: Duration,
  rate: nullable(RateField),
  minor: nullable(Amount),
  /** What of it may be billed now; the rest is over the agreed limit. */
  ready: Amount,
  holdReason: nullable(Type.String()),
  problems: Type.Array(Type.String()),
});
export type BillEntry = Static<typeof BillEntry>;

/** A sum over an agreed limit, on the line of an invoice. */
export const OverLimitLine = strict({
  lineId: Id,
  invoiceId: Id,
  number: Type.String(),
  projectId: Id,
  currency: Currency,
  total: Amount,
  /** Neither released nor written down yet. */
  waiting: Amount,
  /** What of it may be billed now: no more than the limit has left. */
  mayRelease: Amount,
});
export type OverLimitLine = Static<typeof OverLimitLine>;

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
      /** Limit, and what has used it up: drafts counted. Null where there is none, or where it is not to be known. */
      limit: nullable(Amount),
      used: nullable(Amount),
      billedNet: nullable(Amount),
      paidNet: nullable(Amount),
      submittedMinor: nullable(Amount),
    }),
  ),
  entries: Type.Array(BillEntry),
  /** Sums over the limit that stand on issued invoices and wait to be decided on. */
  overLimit: Type.Array(OverLimitLine),
  /** Work that was written off and can be taken back: the oldest two hundred, and how many there are. */
  writtenOff: strict({
    count: Count,
    entries: Type.Array(
      strict({
        id: Id,
        version: Version,
        date: Day,
        personName: Type.String(),
        recorded: Duration,
        minor: nullable(Amount),
        reason: Type.String(),
      }),
    ),
  }),
  /** What is not here, and why. */
  notHere: strict({
    recorded: Duration,
    submitted: Duration,
    notBillable: Duration,
    later: Duration,
    writtenOff: Duration,
    inDrafts: Duration,
  }),
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
