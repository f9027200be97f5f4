import { AddressInfo } from 'node:net';
import { createServer } from 'node:http';
import { simpleParser } from 'mailparser';
import { SMTPServer } from 'smtp-server';
import { Caught, addressOf, listPage, messagePage } from './mail-pages';

/** A mail server that keeps what it is sent instead of handing it on, and shows it. */
export interface MailCatcher {
  /** Where it takes mail. */
  readonly smtpUrl: string;
  /** Where people read it. */
  readonly page: string;
  /** What was sent, the newest first. */
  messages(): readonly Caught[];
  stop(): Promise<void>;
}

/** How many messages are kept; older ones are forgotten. */
const KEPT = 500;

/** No script, no form, nothing from elsewhere: what is shown was written by anybody. */
const POLICY = "default-src 'none'; style-src 'unsafe-inline'; frame-src 'self'; base-uri 'none'; form-action 'none'";

const listening = (server: { once(event: 'listening', done: () => void): unknown }) =>
  new Promise<void>((resolve) => server.once('listening', () => resolve()));

/** Starts a catcher on loopback, on free ports unless they are named. */
export async function startMailCatcher({ smtpPort = 0, pagePort = 0 } = {}): Promise<MailCatcher> {
  const caught: Caught[] = [];
  const smtp = new SMTPServer({
    authOptional: true,
    disabledCommands: ['STARTTLS'],
    onData(stream, _session, done) {
      simpleParser(stream).then(
        (mail) => {
          const to = [mail.to ?? []].flat().flatMap((one) => one.value.map(({ address }) => address ?? ''));
          caught.unshift({
            id: (mail.messageId ?? '').replace(/[<>]/g, ''),
            to: to.join(', '),
            subject: mail.subject ?? '',
            text: mail.text ?? '',
            html: mail.html || '',
            at: new Date().toISOString(),
          });
          caught.splice(KEPT);
          done();
        },
        (error: Error) => done(error),
      );
    },
  });
  const taken = listening(smtp.listen(smtpPort, '127.0.0.1'));
  const page = createServer((request, response) => {
    const message = caught.find(({ id }) => request.url === addressOf(id));
    const body = request.url === '/' ? listPage(caught) : message && messagePage(message);
    response
      .writeHead(body ? 200 : 404, {
        'Content-Type': 'text/html; charset=utf-8',
        'Content-Security-Policy': POLICY,
        'Cache-Control': 'no-store',
        'Referrer-Policy': 'no-referrer',
        'X-Content-Type-Options': 'nosniff',
      })
      .end(body ?? 'There is no such message.');
  });
  page.listen(pagePort, '127.0.0.1');
  await Promise.all([taken, listening(page)]);
  const portOf = (address: unknown) => (address as AddressInfo).port;
  return {
    smtpUrl: `smtp://127.0.0.1:${portOf(smtp.server.address())}`,
    page: `http://127.0.0.1:${portOf(page.address())}/`,
    messages: () => caught,
    async stop() {
      page.closeAllConnections();
      await Promise.all([
        new Promise<void>((resolve) => smtp.close(() => resolve())),
        new Promise<void>((resolve) => page.close(() => resolve())),
      ]);
    },
  };
}
