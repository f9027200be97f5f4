import { rowSubject } from '@yellowwood/server';
import { Loading, insert } from './loading';

export interface DemoEvent {
  readonly at: string;
  readonly actor: string;
  readonly action: string;
  readonly reason?: string;
  readonly subjects: readonly ReturnType<typeof rowSubject>[];
}

export async function keepHistory({ tx, seed, made }: Loading, events: readonly DemoEvent[]): Promise<void> {
  const withIds = events.map((event) => ({ ...event, id: seed.id(event.at) }));
  await insert(
    tx,
    'audit_event',
    withIds.map((event) => ({
      firm_id: made.firmId,
      id: event.id,
      at: event.at,
      actor_id: event.actor,
      action: event.action,
      reason: event.reason ?? '',
      source: 'demo',
      request_id: 'demo',
    })),
  );
  await insert(
    tx,
    'audit_subject',
    withIds.flatMap((event) =>
      event.subjects.map((subject) => ({
        firm_id: made.firmId,
        event_id: event.id,
        subject_kind: subject.kind,
        subject_id: subject.id,
        before: subject.before,
        after: subject.after,
        money_before: subject.moneyBefore,
        money_after: subject.moneyAfter,
      })),
    ),
  );
}
