import { v7 as newId } from 'uuid';
import { Context } from './context';

/** One thing that an event concerns, before and after. Money stands apart. */
export interface AuditSubject {
  readonly kind:
    | 'entry'
    | 'timer'
    | 'timesheet'
    | 'invoice'
    | 'payment'
    | 'project'
    | 'state'
    | 'client'
    | 'account'
    | 'person'
    | 'team'
    | 'role'
    | 'position'
    | 'department'
    | 'link'
    | 'firm';
  readonly id: string;
  readonly before?: object | null;
  readonly after?: object | null;
  readonly moneyBefore?: object | null;
  readonly moneyAfter?: object | null;
}

/**
 * Writes one event of the history, in the transaction of the change itself; a bulk change is one event
 * with all its subjects.
 */
export async function audit(context: Context, action: string, subjects: readonly AuditSubject[], reason = ''): Promise<void> {
  await context.tx.query(
    `with event as (
             insert into audit_event (firm_id, at, actor_id, account_id, action, reason, source, request_id, id)
             values ($1, $2, $3, $4, $5, $6, $7, $8, $10) returning firm_id, id)
           insert into audit_subject (firm_id, event_id, subject_kind, subject_id, before, after, money_before, money_after)
           select event.firm_id, event.id, s.kind, s.id, s.before, s.after, s."moneyBefore", s."moneyAfter"
             from event, jsonb_to_recordset($9) as s(kind text, id uuid, before jsonb, after jsonb, "moneyBefore" jsonb, "moneyAfter" jsonb)`,
    [
      context.firm.id,
      context.now,
      context.actor.personId,
      context.actor.accountId,
      action,
      reason,
      context.source,
      context.requestId,
      JSON.stringify(subjects),
      // Ids that rise: events of one transaction are told in the order in which they were written.
      newId(),
    ],
  );
}
