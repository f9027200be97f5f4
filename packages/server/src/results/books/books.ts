import { LedgerEntry } from '@yellowwood/core';
import {
  IBookInvoicesResult,
  IBookLinesResult,
  IBookSharesResult,
  bookInvoices,
  bookLines,
  bookShares,
} from '../../generated/results/books/books.queries';
import { readLedger } from '../../ledger/rows';
import { Context } from '../../platform/context';

/** Everything that is proven, by name. */
export const PROVEN = [
  'allocated part of a payment',
  'amount of a line',
  'bar of a project',
  'bar of all work',
  'billable time of a day',
  'billable time of an entry',
  'billed time of an entry',
  'billing state of an entry',
  'client of an entry',
  'cost of an entry',
  'decisions on a sum over a limit',
  'entries without a rate',
  'facts of a share',
  'figure of the step Bill',
  'figure of the step Collect',
  'figure of the step Review',
  'figures of an issued document',
  'lines of an issued document',
  'net under a limit',
  'numbers of a series',
  'own rate of an entry',
  'own value of an entry',
  'payable time of an entry',
  'rate of an entry',
  'settled sum of an invoice',
  'shares of a line',
  'stage of an entry',
  'standard cost of an entry',
  'sum of billed work',
  'sum of recorded work',
  'sum of the shares of a line',
  'sum over a limit',
  'tax breakdown of a document',
  'time of the shares of a line',
  'total of an issued invoice',
  'totals of a document',
  'value of an entry',
  'what may be billed of an entry',
] as const;
export type Proven = (typeof PROVEN)[number];

/** A stored figure that is not what the core computes from the recorded time. */
export interface Difference {
  readonly what: Proven;
  readonly id: string;
  readonly stored: string;
  readonly computed: string;
}

/** Notes a difference where two figures are not the same. */
export type Compare = (what: Proven, id: string, stored: unknown, computed: unknown) => void;

/** Everything that the proofs look at, read once. */
export interface Books {
  readonly entries: readonly LedgerEntry[];
  readonly invoices: readonly IBookInvoicesResult[];
  readonly lines: readonly IBookLinesResult[];
  readonly shares: readonly IBookSharesResult[];
}

export async function readBooks(context: Context): Promise<Books> {
  const { tx } = context;
  return {
    entries: await readLedger(context),
    invoices: await bookInvoices.run(undefined, tx),
    lines: await bookLines.run(undefined, tx),
    shares: await bookShares.run(undefined, tx),
  };
}
