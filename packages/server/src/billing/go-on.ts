import { addDays } from '@yellowwood/core';
import { endAgreements, goOnWith } from '../generated/billing/go-on.queries';
import { Context } from '../platform/context';
import { json } from '../platform/json';

/** A later agreement in place of one that is ended. */
export interface Later {
  readonly id: string;
  /** The agreement that it goes on with, all else the same. */
  readonly of: string;
  /** Minor units; null for none. */
  readonly limit: number | null;
  readonly validTo: string | null;
}

/** Has agreements end the day before, and later ones go on from a day on. Whoever has them do so holds the rules. */
export async function goOn({ tx }: Context, from: string, agreements: readonly Later[]): Promise<void> {
  await endAgreements.run({ ids: agreements.map(({ of }) => of), last: addDays(from, -1) }, tx);
  await goOnWith.run({ from, agreements: json(agreements) }, tx);
}
