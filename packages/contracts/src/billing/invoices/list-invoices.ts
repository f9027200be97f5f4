import {
  Amount,
  Count,
  Currency,
  FirmPath,
  Id,
  Name,
  Scope,
  choice,
  endpoint,
  nullable,
  optional,
  strict,
} from '../../platform/fields';
import { AGE_BUCKETS } from '@yellowwood/core';
import { Static, Type } from 'typebox';
import { InvoiceRow } from './invoice-row';

export const Buckets = strict(
  Object.fromEntries(AGE_BUCKETS.map((bucket) => [bucket, Amount])) as Record<(typeof AGE_BUCKETS)[number], typeof Amount>,
);
export type Buckets = Static<typeof Buckets>;

export const InvoiceList = strict({
  invoices: Type.Array(InvoiceRow),
  nextCursor: nullable(Type.String()),
  ageing: Type.Array(strict({ currency: Currency, buckets: Buckets, open: Amount, count: Count })),
  /** What clients have paid beyond their invoices. */
  credit: Type.Array(strict({ clientId: Id, clientName: Name, currency: Currency, minor: Amount })),
});
export type InvoiceList = Static<typeof InvoiceList>;

/** Invoices with age and state. */
export const listInvoices = endpoint({
  summary: 'Invoices with age and state',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/invoices',
  permission: 'invoices.read',
  params: FirmPath,
  query: strict({
    scope: optional(Scope),
    show: choice('open', 'all', 'drafts'),
    cursor: optional(Type.String({ maxLength: 100 })),
  }),
  answer: InvoiceList,
  problems: ['scope-unknown'],
});
