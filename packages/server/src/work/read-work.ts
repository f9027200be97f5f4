import { Work } from '@yellowwood/contracts';
import { addDays } from '@yellowwood/core';
import { servicesSeen, workedLately } from '../generated/work/read-work.queries';
import { Context, today } from '../platform/context';
import { knownWork } from './known-work';

/** Days back from today of what one may go on with. */
const LATELY = 45;

/** What recording begins with: the services, and what one has worked on lately. */
export async function readWork(context: Context): Promise<Work> {
  const lately = await workedLately.run({ asker: context.actor.personId, since: addDays(today(context), -LATELY) }, context.tx);
  const projects = lately.map(({ projectId }) => projectId);
  const tasks = lately.map(({ taskId }) => taskId).filter((id) => id !== null);
  return {
    lately,
    known: await knownWork(context, { projects, tasks }),
    services: (await servicesSeen.run(undefined, context.tx)).map((service) => ({ ...service, kind: service.kind as 'direct' })),
  };
}
