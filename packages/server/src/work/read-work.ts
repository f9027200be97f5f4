import { Work } from '@yellowwood/contracts';
import {
  clientsSeen,
  departmentsSeen,
  projectsSeen,
  servicesSeen,
  tasksSeen,
  workedLately,
} from '../generated/work/read-work.queries';
import { addDays } from '@yellowwood/core';
import { Context, may, reachOf, today } from '../platform/context';

/** Days back from today of what one may go on with. */
const LATELY = 45;

/** The work that one may see: what the scope tree and the pickers are made of. */
export async function readWork(context: Context): Promise<Work> {
  const who = { reach: reachOf(context, 'work.read'), asker: context.actor.personId };
  return {
    clients: await clientsSeen.run({ ...who, changes: may(context, 'work.change') }, context.tx),
    departments: await departmentsSeen.run(who, context.tx),
    projects: await projectsSeen.run(who, context.tx),
    tasks: await tasksSeen.run(who, context.tx),
    lately: await workedLately.run({ asker: who.asker, since: addDays(today(context), -LATELY) }, context.tx),
    services: (await servicesSeen.run(undefined, context.tx)).map((service) => ({ ...service, kind: service.kind as 'direct' })),
  };
}
