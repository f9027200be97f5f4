import type { PoolClient } from 'pg';
import { Caught, MailCatcher, startMailCatcher } from '@yellowwood/stand-ins';
import { Post, sendMail } from '../people/send-mail';
import { Worker } from '../platform/jobs';
import { smtpMailer } from '../platform/mailer';
import type { World } from './world';

/** How long a spec may wait for its turn at the post office, milliseconds. */
export const TURN = 300_000;

/** A worker that sends what a world's people cause, and the catcher that takes it. */
export class PostOffice {
  private constructor(
    readonly catcher: MailCatcher,
    /** What sending works with. */
    readonly office: Post,
    private readonly worker: Worker,
    private readonly turn: PoolClient,
  ) {}

  /**
   * Opens once no other is open: a worker takes whatever its database's queue holds, also what another spec waits for.
   * That may take as long as the other spec, so give the hook that calls it {@link TURN}.
   */
  static async open({ database, clock, admin }: World): Promise<PostOffice> {
    const turn = await admin.connect();
    await turn.query("select pg_advisory_lock(hashtextextended('the post office of the specs', 0))");
    const catcher = await startMailCatcher();
    const mailer = smtpMailer(catcher.smtpUrl, 'Yellowwood <post@yellowwood.example>', 'text.example');
    const office = { database, clock, mailer, site: 'https://time.firm.example' };
    const worker = new Worker(database, fail, 1);
    await worker.start();
    await worker.take('mail', ({ id }) => sendMail(office, id));
    return new PostOffice(catcher, office, worker, turn);
  }

  async close(): Promise<void> {
    await this.worker.stop();
    await this.catcher.stop();
    // Ending the connection gives the lock up.
    this.turn.release(true);
  }

  /** What came to an address, the newest first. */
  to(address: string): Caught[] {
    return this.catcher.messages().filter((one) => one.to === address);
  }

  /** The token of the newest message to an address once there are so many of its subject. */
  async token(address: string, subject: string, count = 1): Promise<string> {
    const message = await until(() => {
      const all = this.to(address).filter((one) => one.subject === subject);
      return all.length >= count ? all[0] : undefined;
    });
    return /\/\w+#([\w-]+)/.exec(message.text)![1]!;
  }
}

/** Waits for something that comes in its own time. */
export async function until<T>(look: () => T | undefined | Promise<T | undefined>): Promise<T> {
  for (;;) {
    const seen = await look();
    if (seen !== undefined) return seen;
    await new Promise((resolve) => setTimeout(resolve, 20));
  }
}
