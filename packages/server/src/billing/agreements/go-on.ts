import { AgreedTerms } from '@yellowwood/contracts';
import { addDays } from '@yellowwood/core';
import { endAgreements, goOnWith } from '../../generated/billing/agreements/go-on.queries';
import { agreementsOf } from '../../generated/ledger/value-entries.queries';
import { Context } from '../../platform/context';
import { json } from '../../platform/json';

/** What is agreed of a project between two days. */
export interface Agreed extends AgreedTerms {
  readonly id: string;
  readonly projectId: string;
  readonly validFrom: string;
  /** The last day on which it holds; null for all days to come. */
  readonly validTo: string | null;
}

/** An agreement that goes on in place of another. */
export interface Later extends Omit<Agreed, 'validFrom'> {
  /** The one that ends the day before; null where none is left to end. */
  readonly of: string | null;
}

/** What is agreed of projects, and was, in no order. */
export async function agreedOf(tx: Context['tx'], projects: readonly string[]): Promise<Agreed[]> {
  const rows = await agreementsOf.run({ projects: [...projects] }, tx);
  return rows.map(({ limitMinor: limit, ...row }) => ({ ...row, limit }) as Agreed);
}

/** Has agreements end the day before, and later ones go on from a day on. Whoever has them do so holds the rules. */
export async function goOn({ tx, firm }: Context, from: string, agreements: readonly Later[]): Promise<void> {
  const ids = agreements.flatMap(({ of }) => of ?? []);
  await endAgreements.run({ ids, last: addDays(from, -1) }, tx);
  await goOnWith.run({ firm: firm.id, from, agreements: json(agreements) }, tx);
}
