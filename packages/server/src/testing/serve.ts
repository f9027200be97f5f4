import { AddressInfo } from 'node:net';
import { buildApp } from '../app';
import { Configuration } from '../platform/configuration';
import { ServerClock } from '../platform/clock';
import { Database } from '../platform/database';

export interface Served {
  readonly base: string;
  close(): Promise<void>;
}

/** Serves the application on a free port of loopback, configured for tests unless said otherwise. */
export async function serve(database: Database, clock: ServerClock, told: Partial<Configuration> = {}): Promise<Served> {
  const configuration: Configuration = {
    port: 0,
    databaseUrl: '',
    sessionSecret: 'tests only',
    demo: false,
    webRoot: null,
    clockStart: null,
    logLevel: process.env['TEST_LOG'] ?? 'silent',
    signInTries: 1000,
    secureCookies: false,
    trustProxy: null,
    ...told,
  };
  const server = buildApp(configuration, database, clock).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  return {
    base: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    async close() {
      server.closeAllConnections();
      await new Promise((resolve) => server.close(resolve));
    },
  };
}
