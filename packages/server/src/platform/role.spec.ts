import { World, bill, makeWorld, record, submitAndApprove } from '../testing';

/** What the role may do with which the application reaches the database, whatever the application asks for. */
describe('the application’s role', () => {
  let world: World;

  beforeAll(async () => {
    world = await makeWorld({ limit: 10_000 });
    const { id } = await record(world, 'staff', '2026-06-08', 4);
    await submitAndApprove(world, 'staff');
    const { row } = await bill(world, [id]);
    await world.as('bookkeeper').done('recordPayment', {
      body: {
        id: '0197a000-0000-7000-8000-000000000001',
        invoiceId: row.id,
        minor: 100,
        receivedOn: '2026-06-12',
        reference: '',
      },
    });
  });
  afterAll(() => world.close());

  /** Runs statements as the application, inside the firm, and undoes them. */
  async function attempt(...statements: string[]): Promise<string> {
    const connection = await world.database.connect();
    try {
      await connection.query('begin');
      await connection.query("select set_config('app.firm_id', $1, true)", [world.firmId]);
      for (const statement of statements) await connection.query(statement);
      return 'done';
    } catch (error) {
      return (error as Error).message;
    } finally {
      await connection.query('rollback');
      connection.release();
    }
  }

  it('makes nothing: no table, temporary or not, no function, no schema', async () => {
    for (const statement of [
      'create temporary table entry (id uuid)',
      'create table public.mine (id uuid)',
      'create schema mine',
      'create function public.mine() returns integer language sql as $$ select 1 $$',
    ])
      expect(await attempt(statement))
        .withContext(statement)
        .toMatch(/permission denied/);
  });

  it('becomes nobody else, by no function that runs as the owner', async () => {
    expect(await attempt('set role yellowwood_owner')).toMatch(/permission denied/);
    expect(await attempt('set session authorization yellowwood_owner')).toMatch(/permission denied/);
    expect(await attempt('alter role yellowwood_app superuser')).toMatch(/permission denied|must be|only roles/i);
    const definers = await world.sql<{ name: string; config: string[] | null }>(
      `select p.proname as name, p.proconfig as config from pg_proc p join pg_namespace n on n.oid = p.pronamespace
       where n.nspname = 'public' and p.prosecdef`,
    );
    expect(definers.length).toBeGreaterThan(3);
    // A path of its own, temporary objects last, so that nothing of the caller's is called in its name.
    for (const { name, config } of definers)
      expect(config).withContext(name).toEqual(['search_path=pg_catalog, public, pg_temp']);
    expect(await attempt("select add_to_work_sums('{}')")).toMatch(/permission denied for function/);
  });

  it('alters nothing that was issued or paid', async () => {
    for (const statement of [
      'update invoice_line set net_minor = net_minor + 1',
      "update invoice_line set text = 'other'",
      'update line_share set quantity = quantity - 1',
      'update line_share set minor = minor + 1',
      'update invoice_tax set tax_minor = 0',
      'update payment set amount_minor = amount_minor + 1',
      'update allocation set amount_minor = amount_minor + 1',
      "update invoice set currency = 'EUR' where status = 'issued'",
      'update invoice set gross_minor = gross_minor + 1',
      "update invoice set number = number + 1 where status = 'issued'",
      'delete from invoice_line',
      'delete from invoice',
      'delete from payment',
      'delete from invoice_tax',
    ])
      expect(await attempt(statement))
        .withContext(statement)
        .not.toBe('done');
  });

  it('decides on a period as a whole only by returning it', async () => {
    const decide = (outcome: string) =>
      attempt(`insert into decision (firm_id, id, timesheet_id, outcome, reason, by_id, at)
        select firm_id, gen_random_uuid(), id, '${outcome}', 'because', person_id, now() from timesheet`);
    expect(await decide('approve')).toContain('decision_whole_period');
    expect(await decide('return')).toBe('done');
  });

  it('alters no history, no decision, no terms and no rates', async () => {
    for (const statement of [
      "update audit_event set reason = 'other'",
      'delete from audit_event',
      'delete from audit_subject',
      'update decision set at = now()',
      'delete from decision',
      'update agreement set limit_minor = null',
      'update rate_rule set rate = 0',
      'update pay_rate set rate = 0',
      'update standard_cost_rate set rate = 0',
      'update work_sum set quantity = 0',
      'update entry_gone set version = 0',
      'update entry set firm_id = gen_random_uuid()',
      "update entry set kind = 'fee'",
      'update membership set person_id = account_id',
    ])
      expect(await attempt(statement))
        .withContext(statement)
        .toMatch(/permission denied/);
  });
});
