import { InvoiceRow } from '@yellowwood/contracts';
import { InvoiceState, daysLate, invoiceState, minor } from '@yellowwood/core';
import type { IInvoiceRowsResult } from '../../generated/billing/invoices/invoice-rows.queries';
import { Context, reachOf, today } from '../../platform/context';

export const PAGE = 100;

export const ANY = {
  anyId: true,
  id: null,
  show: 'all',
  all: true,
  projects: [],
  beforeAt: 'infinity',
  beforeId: 'ffffffff-ffff-ffff-ffff-ffffffffffff',
  afterDay: '-infinity',
  afterId: '00000000-0000-0000-0000-000000000000',
  limit: PAGE + 1,
};

export function who(context: Context) {
  return { reach: reachOf(context, 'invoices.read'), asker: context.actor.personId };
}

export function toRow(context: Context, row: IInvoiceRowsResult): InvoiceRow {
  const day = today(context);
  const state: InvoiceState = row.hasCredit
    ? 'credited'
    : invoiceState(
        {
          status: row.status as 'issued',
          gross: minor(row.gross),
          settled: minor(row.settled),
          credited: minor(row.credited),
          sent: row.sentAt !== null,
          due: row.dueOn ?? day,
        },
        day,
      );
  return {
    id: row.id,
    kind: row.kind as InvoiceRow['kind'],
    number: row.number,
    state: row.kind === 'credit note' ? 'credit note' : state,
    clientId: row.clientId,
    clientName: row.clientName,
    projects: row.projects ?? [],
    currency: row.currency,
    issuedOn: row.issuedOn,
    dueOn: row.dueOn,
    daysLate: row.dueOn ? daysLate(row.dueOn, day) : 0,
    net: row.net,
    gross: row.gross,
    settled: row.settled,
    open: row.gross - row.settled,
    sentAt: row.sentAt,
    lastPaid: row.lastPaid,
    version: row.version,
  };
}
