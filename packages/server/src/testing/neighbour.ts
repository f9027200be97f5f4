import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { v7 as newId } from 'uuid';
import { secretsOfOthers } from './client';
import { foundFirm } from './found-firm';
import { ofFirm } from './of-firm';

/**
 * Another firm, there in every test of the process: with people of the same names, work, money and
 * history. No answer of any request may hold anything of it, and nothing in it may ever change.
 */
interface Neighbour {
  readonly slug: string;
  readonly firmId: string;
  readonly secrets: readonly string[];
  readonly before: string;
}

let neighbour: Promise<Neighbour> | undefined;

/** Lays the other firm down, once a process. */
export async function haveNeighbour(admin: pg.Pool): Promise<void> {
  neighbour ??= foundNeighbour(admin).then((found) => {
    secretsOfOthers.push(...found.secrets);
    return found;
  });
  await neighbour;
}

/** @throws Error when anything of the other firm was changed */
export async function refuseChangedNeighbour(admin: pg.Pool): Promise<void> {
  const beside = await neighbour!;
  if ((await stateOf(admin, beside.firmId)) !== beside.before) throw new Error('something of another firm was changed');
}

async function foundNeighbour(admin: pg.Pool): Promise<Neighbour> {
  const slug = `other-${randomUUID().slice(0, 8)}`;
  const { firmId, ids } = await foundFirm(admin, slug, null);
  const [entry, invoice, secret] = [newId(), newId(), `secret of ${slug}`];
  await ofFirm(admin, firmId, async (tx) => {
    await tx.query(
      `insert into entry (firm_id, id, kind, person_id, work_date, posted_on, client_id, project_id, task_id, service_id, quantity, payable_quantity, billable, billable_quantity,
         rate, rate_source, value_minor, value_currency, own_rate, own_value_minor, cost_minor, standard_cost_minor, cost_currency, tax_category, note, stage, billing_state, origin, entered_by, entered_at)
       select $1, case when n = 1 then $2::uuid else gen_random_uuid() end, 'time', $3, '2026-06-08', '2026-06-08', $4, $5, $6, $7, 3600, 3600, true, 3600,
         990000, 'typed', 9900, 'GBP', 990000, 9900, 3000, 3100, 'GBP', 'S', $8, (array['approved', 'submitted', 'recorded'])[n], 'to bill', 'grid', $3, '2026-06-08T17:00:00Z' from generate_series(1, 3) n`,
      [firmId, entry, ids.staff, ids.client, ids.project, ids.task, ids.survey, secret],
    );
    await tx.query(
      `insert into invoice (firm_id, id, kind, status, series, number, number_text, client_id, currency, issued_on, supply_from, supply_to, due_on, net_minor, tax_minor, gross_minor, snapshot, created_by, created_at)
       values ($1, $2, 'invoice', 'issued', 'invoice', 77, $3, $4, 'GBP', '2026-06-09', '2026-06-08', '2026-06-08', '2026-07-09', 9900, 1980, 11880, '{}', $5, '2026-06-09T10:00:00Z')`,
      [firmId, invoice, secret, ids.client, ids.bookkeeper],
    );
  });
  return {
    slug,
    firmId,
    secrets: [slug, firmId, entry, invoice, secret, ids.client, ids.project, ids.task, ids.staff],
    before: await stateOf(admin, firmId),
  };
}

/** Every row of a firm that work could change, as one text. */
async function stateOf(admin: pg.Pool, firmId: string): Promise<string> {
  const tables = [
    'entry',
    'entry_time',
    'entry_gone',
    'entry_fee',
    'limit_write_down',
    'agreement',
    'timer',
    'timesheet',
    'submission',
    'decision',
    'invoice',
    'invoice_line',
    'line_share',
    'payment',
    'allocation',
    'audit_event',
    'work_sum',
    'billed_sum',
    'replay',
    'person',
    'project',
    'task',
    'rate_rule',
    'invoice_series',
  ];
  return ofFirm(admin, firmId, async (tx) => {
    const texts: string[] = [];
    for (const table of tables) {
      const { rows } = await tx.query<{ rows: string }>(
        `select coalesce(string_agg(t::text, '|' order by t::text), '') as rows from ${table} t`,
      );
      texts.push(`${table}: ${rows[0]!.rows}`);
    }
    return texts.join('\n');
  });
}
