import { createServer } from 'node:http';
import { AddressInfo } from 'node:net';
import { buildApp } from '../app';
import { Configuration } from '../platform/configuration';
import { ServerClock } from '../platform/clock';
import { Database } from '../platform/database';

export interface Served {
  readonly base: string;
  /** What it was told, so that a test can take something away for a while. */
  readonly configuration: { -readonly [K in keyof Configuration]: Configuration[K] };
  close(): Promise<void>;
}

/** Serves the application on a free port of loopback, configured for tests unless said otherwise. */
export async function serve(database: Database, clock: ServerClock, told: Partial<Configuration> = {}): Promise<Served> {
  const configuration: Configuration = {
    port: 0,
    databaseUrl: '',
    sessionSecret: 'tests only',
    demo: false,
    signUp: true,
    webRoot: null,
    clockStart: null,
    logLevel: process.env['TEST_LOG'] ?? 'silent',
    texts: true,
    signInTries: 1000,
    secureCookies: false,
    trustProxy: null,
    mailPage: null,
    ...told,
  };
  const server = createServer(buildApp(configuration, database, clock));
  // A client that paused for a while must not meet a connection that is just being closed.
  server.keepAliveTimeout = 120_000;
  // A port of its own, also where specs run in several processes side by side.
  server.listen({ port: 0, host: '127.0.0.1', exclusive: true });
  await new Promise((resolve) => server.once('listening', resolve));
  return {
    configuration,
    base: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    async close() {
      server.closeAllConnections();
      await new Promise((resolve) => server.close(resolve));
    },
  };
}
