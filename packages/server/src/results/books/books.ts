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

/** A stored figure that is not what the core computes from the recorded time. */
export interface Difference {
  readonly what: string;
  readonly id: string;
  readonly stored: string;
  readonly computed: string;
}

/** Notes a difference where two figures are not the same. */
export type Compare = (what: string, id: string, stored: unknown, computed: unknown) => void;

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
