import { BodyOf, Endpoints, Invitation } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { invitationOf, joinFirm as join, makeInvitedAccount, setGuide } from '../generated/people/join.queries';
import { audit } from '../platform/audit';
import { Clock } from '../platform/clock';
import { enterFirm } from '../platform/context';
import { Database, Tx, WRITE, transaction } from '../platform/database';
import { json } from '../platform/json';
import { problem } from '../platform/problem';
import { refuseWeak } from './password-strength';
import { tokenHash } from './send-mail';
import { hashPassword } from './sign-in';
import { consentsTo } from './texts';

async function found(database: Database | Tx, clock: Clock, token: string) {
  const [invitation] = await invitationOf.run({ hash: tokenHash(token), now: clock.now() }, database);
  if (!invitation) throw problem('link-ended');
  return invitation;
}

/** What the link of a message invites to. @throws the problem `link-ended` */
export async function readInvitation(database: Database, clock: Clock, token: string): Promise<Invitation> {
  const { firm, sender, name, email, known } = await found(database, clock, token);
  return { firm, sender, name, email, known };
}

/** Who has joined which firm. */
export interface Joining {
  readonly account: string;
  readonly slug: string;
}

/**
 * Joins a firm by the link of a message, once, with the account that is signed in or a new one for the address.
 * @throws the problems `link-ended`, `account-exists`, `already-member`, `not-signed-in`, `password-weak`, `texts-changed`
 */
export async function joinFirm(
  database: Database,
  clock: Clock,
  { token, account }: BodyOf<Endpoints['joinFirm']>,
  signedIn: string | undefined,
  requestId: string,
): Promise<Joining> {
  const made = account && {
    name: account.name.trim(),
    consents: json(consentsTo(account.consents)),
    hash: await hashPassword(account.password),
  };
  if (!made && !signedIn) throw problem('not-signed-in');
  return transaction(database, WRITE, async (tx) => {
    const now = clock.now();
    const { slug, email, name } = await found(tx, clock, token);
    const id = made ? newId() : signedIn!;
    if (made) {
      refuseWeak(account.password, [made.name, name, email]);
      const [answer] = await makeInvitedAccount.run({ ...made, account: id, email, now }, tx);
      if (!answer!.made) throw problem('account-exists');
    }
    const [answer] = await join.run({ token: tokenHash(token), account: id, now }, tx);
    if (!answer!.joined) throw problem('already-member');
    const context = await enterFirm(tx, slug, id, { now, requestId, source: 'web' });
    await setGuide.run({ person: context.actor.personId, shown: true }, tx);
    await audit(context, 'firm joined', [{ kind: 'person', id: context.actor.personId, after: { name: context.actor.name } }]);
    return { account: id, slug };
  });
}
