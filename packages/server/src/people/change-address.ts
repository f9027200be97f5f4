import { v7 as newId } from 'uuid';
import { takeAddress, writeAddressChange } from '../generated/people/change-address.queries';
import { Clock } from '../platform/clock';
import { Database, WRITE, transaction } from '../platform/database';
import { problem } from '../platform/problem';
import { post } from './post';
import { tokenHash } from './send-mail';

/**
 * Keeps the wish to sign in with another address until the link of a message there is followed. Whether the address has an
 * account, its reader learns and nobody here.
 */
export async function changeAddress(database: Database, clock: Clock, account: string, email: string): Promise<void> {
  const [id, now] = [newId(), clock.now()];
  await transaction(database, WRITE, async (tx) => {
    await writeAddressChange.run({ id, account, email, now }, tx);
    await post(tx, { kind: 'address-change', recipient: email, about: id }, now);
  });
}

/**
 * Signs in with the address of a link from now on; the old address is told. Only the account that asked can: whoever the
 * address belongs to in truth, where it was mistyped, gets no account by it.
 * @param keep the session that stays
 * @throws the problem `link-ended` for a link that is none of this account, was used or has expired
 */
export function confirmAddress(database: Database, clock: Clock, account: string, token: string, keep: string): Promise<void> {
  const now = clock.now();
  return transaction(database, WRITE, async (tx) => {
    const [done] = await takeAddress.run({ hash: tokenHash(token), account, now, keep }, tx);
    if (!done) throw problem('link-ended');
    await post(tx, { kind: 'address-changed', recipient: done.was, about: done.id }, now);
  });
}
