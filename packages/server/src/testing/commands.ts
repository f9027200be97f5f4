import { v7 as newId } from 'uuid';
import type { Answer } from './client';
import type { Who } from './found-firm';
import { MONDAY } from './moments';
import type { World } from './world';

/** Numbers that decide what a command does, and to what: the same numbers do the same in the same state. */
export type Dice = (sides: number) => number;

/** One thing that somebody does in the firm. Nothing to do it to is no answer. */
export type Command = (world: World, dice: Dice) => Promise<Answer<unknown> | null>;

const RECORDERS: readonly Who[] = ['staff', 'mate', 'owner'];
const DAYS = ['2026-06-03', '2026-06-04', '2026-06-09', '2026-06-10'];
const WEEKS = ['2026-06-01', MONDAY];
const REASON = 'Because of the test';

interface Found {
  readonly id: string;
  readonly version: number;
}

/** Things of the firm in one order, whatever their random ids: as they were made. */
function find<T extends object = Found>(world: World, text: string, values: unknown[] = []): Promise<T[]> {
  return world.sql<T & Record<string, unknown>>(text, values);
}

const pick = <T>(list: readonly T[], dice: Dice): T | undefined => (list.length === 0 ? undefined : list[dice(list.length)]);

function some(list: readonly Found[], dice: Dice): Found[] {
  const from = dice(Math.max(1, list.length));
  return list.slice(from, from + 1 + dice(6)).map(({ id, version }) => ({ id, version: Number(version) }));
}

const entriesWhere = (world: World, where: string) =>
  find(world, `select id, version from entry where kind = 'time' and ${where} order by entered_at, work_date, quantity, id`);

async function onEntries(world: World, dice: Dice, where: string, send: (entries: Found[]) => Promise<Answer<unknown>>) {
  const entries = some(await entriesWhere(world, where), dice);
  return entries.length === 0 ? null : send(entries);
}

async function onInvoice(
  world: World,
  dice: Dice,
  where: string,
  send: (invoice: Found & { gross: number }) => Promise<Answer<unknown>>,
) {
  const invoice = pick(
    await find<Found & { gross: number }>(
      world,
      `select id, version, gross_minor as gross from invoice where ${where} order by created_at, id`,
    ),
    dice,
  );
  return invoice ? send({ ...invoice, version: Number(invoice.version), gross: Number(invoice.gross) }) : null;
}

const personOf = async (world: World, id: string): Promise<Who> => {
  const [row] = await find<{ person_id: string }>(world, 'select person_id from entry where id = $1', [id]);
  return RECORDERS.find((who) => world.ids[who] === row?.person_id) ?? 'staff';
};

const newEntry = (world: World, who: Who, dice: Dice) => ({
  id: newId(),
  personId: world.ids[who],
  date: DAYS[dice(DAYS.length)]!,
  projectId: [world.ids.project, world.ids.project, world.ids.euroProject][dice(3)]!,
  taskId: null,
  serviceId: [world.ids.survey, world.ids.drawing, world.ids.exempt][dice(3)]!,
  quantity: 60 * (1 + dice(180)),
  note: '',
  origin: 'grid' as const,
});

async function wishOf(world: World, dice: Dice) {
  const clientId = [world.ids.client, world.ids.euroClient][dice(2)]!;
  const ready = await find(
    world,
    `select id, version from entry where stage = 'approved' and billing_state = 'to bill' and billed_quantity = 0
       and hold_reason is null and value_minor is not null and client_id = $1 order by work_date, entered_at, quantity, id`,
    [clientId],
  );
  const entries = some(ready, dice).map(({ id }) => ({ id }));
  if (entries.length === 0) return null;
  return { clientId, upTo: '2026-06-14', grouping: dice(2) === 0 ? ('task' as const) : ('entry' as const), entries, texts: [] };
}

/** Everything that people do, by name. */
export const COMMANDS: Readonly<Record<string, Command>> = {
  record(world, dice) {
    const who = pick(RECORDERS, dice)!;
    return world.as(who).call('createEntry', { body: newEntry(world, who, dice) });
  },
  async change(world, dice) {
    const entry = pick(await entriesWhere(world, "stage in ('recorded', 'submitted')"), dice);
    if (!entry) return null;
    const body = [
      { quantity: 60 * (1 + dice(240)) },
      { date: DAYS[dice(DAYS.length)]! },
      { billable: dice(2) === 0 },
      { serviceId: world.ids.drawing },
    ][dice(4)]!;
    const who = dice(4) === 0 ? 'owner' : await personOf(world, entry.id);
    return world
      .as(who)
      .call('changeEntry', { params: { id: entry.id }, version: entry.version, body: { ...body, reason: REASON } });
  },
  async divide(world, dice) {
    const who = pick(RECORDERS, dice)!;
    const [entry] = await find<Found & { quantity: string }>(
      world,
      `select id, version, quantity from entry where kind = 'time' and stage = 'recorded' and person_id = $1 and quantity >= 120
         order by entered_at, id limit 1`,
      [world.ids[who]],
    );
    if (!entry) return null;
    const { date: _date, ...rest } = newEntry(world, who, dice);
    const half = 60 * Math.floor(Number(entry.quantity) / 120);
    return world.as(who).call('changeEntries', {
      body: {
        create: [{ ...rest, date: DAYS[0]!, quantity: Number(entry.quantity) - half }],
        change: [{ id: entry.id, version: Number(entry.version), change: { quantity: half } }],
        remove: [],
      },
    });
  },
  async delete(world, dice) {
    const entry = pick(await entriesWhere(world, "stage = 'recorded'"), dice);
    if (!entry) return null;
    const who = await personOf(world, entry.id);
    return world.as(who).call('deleteEntry', { params: { id: entry.id }, version: entry.version });
  },
  async restore(world, dice) {
    const gone = pick(
      await find<{ entry_id: string; person_id: string }>(
        world,
        'select entry_id, person_id from entry_gone where person_id is not null order by version, entry_id',
      ),
      dice,
    );
    const who = RECORDERS.find((one) => world.ids[one] === gone?.person_id);
    return gone && who ? world.as(who).call('restoreEntry', { params: { id: gone.entry_id } }) : null;
  },
  time(world, dice) {
    const who = pick(RECORDERS, dice)!;
    const names = { projectId: world.ids.project, taskId: null, serviceId: world.ids.survey };
    return world
      .as(who)
      .call('startTimer', { body: { id: newId(), ...names, note: '', others: dice(2) === 0 ? 'pause' : 'stop' } });
  },
  async stop(world, dice) {
    const who = pick(RECORDERS, dice)!;
    const { timers } = await world.as(who).done('readTimers');
    const timer = pick(timers, dice);
    return timer ? world.as(who).call('stopTimer', { params: { id: timer.id } }) : null;
  },
  submit: (world, dice) =>
    world.as(pick(RECORDERS, dice)!).call('submitPeriod', { params: { from: pick(WEEKS, dice)! }, body: { note: '' } }),
  withdraw: (world, dice) => world.as(pick(RECORDERS, dice)!).call('withdrawPeriod', { params: { from: pick(WEEKS, dice)! } }),
  approve: (world, dice) =>
    onEntries(world, dice, "stage = 'submitted'", (entries) =>
      world.as(dice(2) === 0 ? 'owner' : 'manager').call('approveEntries', { body: { entries } }),
    ),
  recall: (world, dice) =>
    onEntries(world, dice, "stage = 'approved'", (entries) =>
      world.as(dice(2) === 0 ? 'owner' : 'manager').call('recallApproval', { body: { entries } }),
    ),
  return: (world, dice) =>
    onEntries(world, dice, "stage = 'submitted'", (entries) =>
      world.as('manager').call('returnEntries', { body: { entries, reason: REASON } }),
    ),
  returnPeriod: (world, dice) =>
    world.as('owner').call('returnPeriod', {
      params: { id: world.ids[pick(RECORDERS, dice)!] },
      body: { from: pick(WEEKS, dice)!, reason: REASON },
    }),
  reopen: (world, dice) =>
    onEntries(world, dice, "stage = 'approved'", (entries) =>
      world.as('owner').call('reopenEntries', { body: { entries, reason: REASON } }),
    ),
  async price(world, dice) {
    const entry = pick(await entriesWhere(world, "billable and stage in ('submitted', 'approved')"), dice);
    const rate = dice(3) === 0 ? null : 10_000 * (1 + dice(200));
    return entry
      ? world.as('owner').call('priceEntry', { params: { id: entry.id }, version: entry.version, body: { rate, reason: REASON } })
      : null;
  },
  hold: (world, dice) =>
    onEntries(world, dice, "stage = 'approved' and hold_reason is null", (entries) =>
      world.as('bookkeeper').call('holdEntries', { body: { entries, reason: REASON } }),
    ),
  release: (world, dice) =>
    onEntries(world, dice, 'hold_reason is not null', (entries) =>
      world.as('bookkeeper').call('releaseEntries', { body: { entries } }),
    ),
  writeOff: (world, dice) =>
    onEntries(world, dice, "stage = 'approved'", (entries) =>
      world.as('bookkeeper').call('writeOffEntries', { body: { entries, reason: REASON } }),
    ),
  reinstate: (world, dice) =>
    onEntries(world, dice, "billing_state = 'written off'", (entries) =>
      world.as('bookkeeper').call('reinstateEntries', { body: { entries } }),
    ),
  async draft(world, dice) {
    const wish = await wishOf(world, dice);
    return wish ? world.as('bookkeeper').call('createDraft', { body: { id: newId(), wish } }) : null;
  },
  discard: (world, dice) =>
    onInvoice(world, dice, "status = 'draft'", ({ id, version }) =>
      world.as('bookkeeper').call('discardDraft', { params: { id }, version }),
    ),
  issue: (world, dice) =>
    onInvoice(world, dice, "status = 'draft'", ({ id, version, gross }) =>
      world.as('bookkeeper').call('issueInvoice', { params: { id }, body: { gross, version } }),
    ),
  async issueAtOnce(world, dice) {
    const wish = await wishOf(world, dice);
    if (!wish) return null;
    const preview = await world.as('bookkeeper').call('previewInvoice', { body: wish });
    if (preview.status !== 200) return preview;
    return world.as('bookkeeper').call('issueNewInvoice', { body: { id: newId(), wish, gross: preview.body.document.gross } });
  },
  credit: (world, dice) =>
    onInvoice(world, dice, "status = 'issued' and kind = 'invoice'", ({ id }) =>
      world.as('bookkeeper').call('creditInvoice', { params: { id }, body: { id: newId(), reason: REASON } }),
    ),
  void: (world, dice) =>
    onInvoice(world, dice, "status = 'issued' and kind = 'invoice'", ({ id }) =>
      world.as('bookkeeper').call('voidInvoice', { params: { id }, body: { reason: REASON } }),
    ),
  sent: (world, dice) =>
    onInvoice(world, dice, "status = 'issued' and kind = 'invoice'", ({ id }) =>
      world.as('bookkeeper').call('markSent', { params: { id } }),
    ),
  pay: (world, dice) =>
    onInvoice(world, dice, "status = 'issued' and kind = 'invoice'", ({ id, gross }) =>
      world.as('bookkeeper').call('recordPayment', {
        body: {
          id: newId(),
          invoiceId: id,
          minor: Math.max(1, Math.round((gross * (1 + dice(4))) / 3)),
          receivedOn: '2026-06-12',
          reference: '',
        },
      }),
    ),
  async reverse(world, dice) {
    const payment = pick(await find<{ id: string }>(world, 'select id from payment order by recorded_at, id'), dice);
    return payment
      ? world.as('bookkeeper').call('reversePayment', { params: { id: payment.id }, body: { reason: REASON } })
      : null;
  },
  changeAgreement: (world, dice) =>
    world.as('owner').call('changeAgreement', {
      params: { id: world.ids.project },
      body: {
        id: newId(),
        validFrom: ['2026-06-09', '2026-06-10', '2026-06-11', '2026-06-12'][dice(4)]!,
        limit: dice(4) === 0 ? null : 10_000 * (1 + dice(20)),
        reason: REASON,
      },
    }),
  async releaseOver(world, dice) {
    const line = pick(await overLines(world), dice);
    if (!line) return null;
    const body = { id: newId(), minor: 1 + dice(Math.max(1, Number(line.waiting))), note: '' };
    return world.as('bookkeeper').call('releaseOverLimit', { params: { id: line.id }, body });
  },
  async writeDownOver(world, dice) {
    const line = pick(await overLines(world), dice);
    if (!line) return null;
    const body = { minor: 1 + dice(Math.max(1, Number(line.waiting))), reason: REASON };
    return world.as('bookkeeper').call('writeDownOverLimit', { params: { id: line.id }, body });
  },
};

const overLines = (world: World) =>
  find<{ id: string; waiting: string }>(
    world,
    'select line_id as id, waiting_minor as waiting from over_limit_waiting() where waiting_minor > 0 order by waiting_minor, line_id',
  );
