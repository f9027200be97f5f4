import { v7 as newId } from 'uuid';
import { writeMail } from '../generated/people/post.queries';
import { Tx } from '../platform/database';
import { leaveJob } from '../platform/jobs';

/** A message that something causes: ids and an address; what it says is made at sending. */
export interface Cause {
  readonly kind:
    | 'password-reset'
    | 'password-changed'
    | 'sign-up'
    | 'invitation'
    | 'address-change'
    | 'address-changed'
    | 'second-factor-set'
    | 'second-factor-ended';
  readonly recipient: string;
  /** The sign-up, the invitation or the change of address that it is about. */
  readonly about?: string;
  /** The firm that it comes from. */
  readonly firm?: string;
}

/** Writes a message to somebody, to be sent once what caused it is committed. */
export async function post(tx: Tx, { kind, recipient, about, firm }: Cause, now: string): Promise<void> {
  const id = newId();
  await writeMail.run({ id, kind, recipient, now, about: about ?? null, firm: firm ?? null }, tx);
  await leaveJob(tx, 'mail', { id });
}
