import { audit } from '@yellowwood/server';
import { Loading, contextOf, insert } from './loading';

/** One timer stands paused, as somebody left it at noon. */
export async function loadTimers(loading: Loading): Promise<void> {
  const { tx, seed, made, now } = loading;
  const id = seed.id(now);
  const startAt = new Date(Date.parse(now) - 5400_000).toISOString();
  await insert(tx, 'timer', [
    {
      firm_id: made.firmId,
      id,
      person_id: made.people.get('Maud Ellery'),
      project_id: made.projects.get('Bell frame survey'),
      task_id: made.tasks.get('Bell frame survey/Report'),
      service_id: made.services.get('Writing'),
      billable: null,
      note: 'Draft for the client',
      running: false,
      created_at: startAt,
      version: 1,
    },
  ]);
  await insert(tx, 'timer_segment', [
    {
      firm_id: made.firmId,
      timer_id: id,
      place: 1,
      start_at: startAt,
      end_at: new Date(Date.parse(startAt) + 1_080_000).toISOString(),
    },
  ]);
  await audit(contextOf(loading, 'Maud Ellery', startAt), 'timer started', [
    { kind: 'timer', id, after: { note: 'Draft for the client' } },
  ]);
}
