import type { AddressInfo } from 'node:net';
import { buildApp } from './app';
import { ServerClock } from './platform/clock';
import { readConfiguration } from './platform/configuration';
import { openDatabase } from './platform/database';
import { keepPruned } from './platform/prune';

const configuration = readConfiguration();

const database = openDatabase(configuration.databaseUrl);

const clock = new ServerClock(configuration.clockStart);

const app = buildApp(configuration, database, clock);

keepPruned(database, clock);

const server = app.listen(configuration.port, '127.0.0.1', () =>
  process.send?.({ listening: (server.address() as AddressInfo).port }),
);

function stop(): void {
  server.close(() => void database.end().then(() => process.exit(0)));
  server.closeIdleConnections();
  setTimeout(() => process.exit(0), 5000).unref();
}

process.on('SIGTERM', stop);

process.on('SIGINT', stop);
