import { Context } from './context';

/** Waits until whoever changes the same of this firm has ended: one after the other, to the end of the transaction. */
export async function takeTurn({ tx, firm }: Pick<Context, 'tx' | 'firm'>, at: 'people' | 'work'): Promise<void> {
  await tx.query('select pg_advisory_xact_lock(hashtextextended($1, 0))', [`${at} ${firm.id}`]);
}
