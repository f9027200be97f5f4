import { Work } from '@yellowwood/contracts';
import { clientsSeen, departmentsSeen, projectsSeen, servicesSeen, tasksSeen } from '../generated/work/read-work.queries';
import { Context, reachOf } from '../platform/context';

/** The work that one may see: what the scope tree and the pickers are made of. */
export async function readWork(context: Context): Promise<Work> {
  const who = { reach: reachOf(context, 'work.read'), asker: context.actor.personId };
  return {
    clients: await clientsSeen.run(who, context.tx),
    departments: await departmentsSeen.run(who, context.tx),
    projects: await projectsSeen.run(who, context.tx),
    tasks: await tasksSeen.run(who, context.tx),
    services: (await servicesSeen.run(undefined, context.tx)).map((service) => ({ ...service, kind: service.kind as 'direct' })),
  };
}
