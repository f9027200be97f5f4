import { stopPost, stopServer } from './server';

export default async function stop(): Promise<void> {
  await stopServer();
  stopPost();
}
