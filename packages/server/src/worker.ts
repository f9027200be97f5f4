import { setTimeout } from 'node:timers/promises';
import { sendMail } from './people/send-mail';
import { ServerClock } from './platform/clock';
import { readWorkConfiguration } from './platform/configuration';
import { isAway, openDatabase } from './platform/database';
import { Worker } from './platform/jobs';
import { smtpMailer, tellingMailer } from './platform/mailer';

// What may wait: messages. Any number of these may run beside any number of web processes.
const configuration = readWorkConfiguration();

const database = openDatabase(configuration.databaseUrl, 4);

const clock = new ServerClock(configuration.clockStart);

const { smtpUrl, mailFrom, textGateway, site } = configuration;

const mailer = smtpUrl ? smtpMailer(smtpUrl, mailFrom, textGateway) : tellingMailer((text) => process.stdout.write(`${text}\n`));

/** A database that is away is waited for, here and later; what was taken then is tried again. */
async function begin(): Promise<Worker> {
  const begun = new Worker(database, (error) => process.stderr.write(`the queue: ${error.message}\n`));
  try {
    await begun.start();
    return begun;
  } catch (error) {
    if (!isAway(error)) throw error;
    await setTimeout(1000);
    return begin();
  }
}

const worker = await begin();

await worker.take('mail', ({ id }) => sendMail({ database, clock, mailer, site }, id));

process.send?.('ready');

function stop(): void {
  void worker
    .stop()
    .then(() => database.end())
    .then(() => process.exit(0));
  void setTimeout(8000, undefined, { ref: false }).then(() => process.exit(0));
}

process.on('SIGTERM', stop);

process.on('SIGINT', stop);
