import { BodyOf, Endpoints } from '@yellowwood/contracts';
import { projectsKnown } from '../../generated/work/known-work.queries';
import { Context } from '../../platform/context';
import { problem } from '../../platform/problem';
import { OwnTimer } from './own-timers';

export async function refuseForeignTarget(context: Context, projectId: string | null): Promise<void> {
  if (!projectId) return;
  const of = { reach: 'own', asker: context.actor.personId, others: false, projects: [projectId] };
  const [project] = await projectsKnown.run(of, context.tx);
  if (!project) throw problem('project-unknown');
}

/** A start that was set back may not reach into a stretch of another timer. */
export function refuseWrongStart(context: Context, startAt: string, others: readonly OwnTimer[], own?: OwnTimer): void {
  if (Date.parse(startAt) > Date.parse(context.now)) throw problem('timer-start-ahead');
  const limit = own?.segments[0]?.endAt;
  if (limit && Date.parse(startAt) >= Date.parse(limit)) throw problem('timer-start-after-pause', { until: limit });
  const until = limit ?? context.now;
  for (const segment of others.flatMap((timer) => timer.segments)) {
    const end = segment.endAt ?? startAt;
    if (Date.parse(segment.startAt) < Date.parse(until) && Date.parse(end) > Date.parse(startAt))
      throw problem('timer-start-overlaps', { until: end });
  }
}

export type Body<Name extends 'startTimer' | 'changeTimer'> = BodyOf<Endpoints[Name]>;
