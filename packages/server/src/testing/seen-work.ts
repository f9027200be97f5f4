import { KnownWork } from '@yellowwood/contracts';
import type { Client } from './client';

/** All clients, departments, projects and tasks that somebody sees, in the order of their lists, unfolded step by step. */
export async function seenWork(client: Client): Promise<Omit<KnownWork, 'people'>> {
  const seen = { clients: [], departments: [], projects: [], tasks: [] } as Record<string, unknown[]>;
  const told = new Set<string>();
  let unfolded: string[] = [];
  for (;;) {
    const query = unfolded.length === 0 ? {} : { unfolded: unfolded.join(',') };
    const { lists, known } = await client.done('listWork', { query });
    const items = lists.flatMap((list) => list.items);
    for (const { scope } of items) {
      if (told.has(scope)) continue;
      told.add(scope);
      const [kind, id] = scope.split(':');
      const list = known[`${kind}s` as keyof KnownWork] as readonly { id: string }[];
      seen[`${kind}s`]!.push(list.find((one) => one.id === id));
    }
    const next = items.filter(({ holds }) => holds).map(({ scope }) => scope);
    if (next.every((scope) => unfolded.includes(scope))) return seen as unknown as KnownWork;
    unfolded = next;
  }
}
