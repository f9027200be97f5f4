import { AnswerOf, Endpoints, StageBar } from '@yellowwood/contracts';
import { Stage } from '@yellowwood/core';
import { barOfFirm, barOfReach, barsOfProjects, barsOfTasks } from '../generated/results/read-bars.queries';
import { Context, reachOf } from '../platform/context';
import { idsOf } from '../work/known-work';

/** The id under which the bar of all work is sent. */
const ALL_WORK = '00000000-0000-0000-0000-000000000000';

/** How the hours of some projects and tasks, with all below them, and of all work together stand by stage. */
export async function readBars(context: Context, of: string | undefined): Promise<AnswerOf<Endpoints['readBars']>> {
  const { tx } = context;
  const { projects, tasks } = idsOf((of ?? '').split(','));
  const who = { reach: reachOf(context, 'time.read'), asker: context.actor.personId };
  const asked = { ...who, seen: reachOf(context, 'work.read') };
  const all = who.reach === 'firm' ? await barOfFirm.run(undefined, tx) : await barOfReach.run(who, tx);
  const rows = [
    ...all.map((row) => ({ ...row, id: ALL_WORK })),
    ...(projects.length === 0 ? [] : await barsOfProjects.run({ ...asked, projects }, tx)),
    ...(tasks.length === 0 ? [] : await barsOfTasks.run({ ...asked, tasks }, tx)),
  ];
  const bars = new Map<string, Omit<StageBar, 'id'>>();
  for (const { id, stage, ends, seconds } of rows) {
    const bar = bars.get(id) ?? { stages: { recorded: 0, submitted: 0, approved: 0, billed: 0, paid: 0 }, ended: 0 };
    bar.stages[stage as Stage] += seconds;
    bars.set(id, { ...bar, ended: bar.ended + (ends ? seconds : 0) });
  }
  return { bars: [...bars].map(([id, bar]) => ({ id, ...bar })) };
}
