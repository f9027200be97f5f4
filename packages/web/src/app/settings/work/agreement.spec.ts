import { TestBed } from '@angular/core/testing';
import type { KnownAgreements } from '@yellowwood/contracts';
import { Refresh } from '../../state/refresh';
import { Page, TODAY, id, open, refusal } from '../../testing/fake-server';
import { AgreementSection } from './agreement';

const AGREED: KnownAgreements['agreements'][number] = {
  ...{ id: id(700), method: 'time and materials', currency: 'GBP', limit: 500_000, used: 389_896 },
  ...{ increment: 15, mode: 'up', unit: 'entry', minimum: 30, decimalPlaces: 2 },
  ...{ validFrom: '2026-01-01', validTo: null },
};
const RATE = { id: id(710), currency: 'GBP', rate: 950_000, validFrom: '2026-03-01', validTo: null };
const EFFECT = {
  ...{ seen: 'first', entries: 1, seconds: 3600, lost: 0, gained: 0 },
  moves: [
    {
      ...{ rateNow: 950_000, currencyNow: 'GBP', chargedNow: true, valueNow: 9500 },
      ...{ rateThen: 800_000, currencyThen: 'GBP', chargedThen: true, valueThen: 8000, entries: 1, seconds: 3600 },
    },
  ],
};

describe('what is agreed of a project', () => {
  let page: Page<AgreementSection>;
  let told: number;
  let kept: KnownAgreements;
  /** What was agreed holds from then on, as the server keeps it. */
  const keep = ({ limit, rate }: { limit?: number | null; rate?: number | null }) =>
    (kept = {
      agreements: [{ ...kept.agreements[0]!, ...(limit !== undefined && { limit }), used: 7 }],
      rates: rate ? [{ ...RATE, rate }] : kept.rates,
    });
  afterEach(() => page.element.remove());

  async function opened(known: KnownAgreements, roles: 'owner' | 'auditor' = 'owner') {
    kept = known;
    page = await open(AgreementSection, {
      ...{ url: '/f/f/settings/work', roles: [roles], inputs: { id: id(20), name: 'Pier' } },
      prepare: (server) => server.on('readAgreements', () => kept).on('changeAgreement', ({ body }) => keep(body)),
    });
    told = 0;
    page.fixture.componentInstance.agreed.subscribe(() => (told += 1));
    await page.settle(20);
  }
  const sent = () => page.server.to('changeAgreement').map(({ body: { id: _, ...body } }) => body);

  it('is told in sentences, with its rate, and with what else is or was', async () => {
    const later = { ...AGREED, id: id(701), validFrom: '2027-01-01', method: 'not billable' };
    const before = { ...AGREED, id: id(699), validFrom: '2025-01-01', validTo: '2025-12-31', limit: null, used: 0 };
    await opened({ agreements: [later, AGREED, before], rates: [RATE] });
    expect(TODAY > AGREED.validFrom).toBeTrue();
    expect(page.texts('p')).toEqual([
      'From 1 Jan it is charged by time in GBP, at most £5,000.00 net. £3,898.96 are billed or drafted.',
      'Rounded up to the next 15 minutes, each entry by itself, at least 30 minutes.',
      'Invoices write hours with 2 decimals.',
      'GBP 95.00 an hour from 1 Mar, where nothing closer is agreed.',
      'From 1 Jan 2027 it is not charged.',
      'From 1 Jan 2025 to 31 Dec 2025 it is charged by time in GBP. Nothing is billed of it yet.',
    ]);
  });

  it('is only read by those who may not agree anything', async () => {
    await opened({ agreements: [AGREED], rates: [] }, 'auditor');
    expect(page.text()).toContain('It has no rate of its own');
    expect(page.texts('button')).toEqual([]);
  });

  it('is agreed otherwise from a day on: what was typed otherwise is sent, once what changes by it was seen', async () => {
    await opened({ agreements: [AGREED], rates: [RATE] });
    page.server.on('changeAgreement', ({ body }) =>
      body.seen === 'first'
        ? keep(body)
        : ({ ...refusal(409, 'effect-unseen', 'Look at what changes.'), current: EFFECT } as never),
    );
    await page.press('Agree something else');
    await page.press('Agree');
    expect(page.text()).toContain('Choose from which day on.');
    expect(page.text()).toContain('Type why, such as');
    expect(sent()).toEqual([]);
    await page.fill('From this day on', '1 Jun 2026');
    await page.fill('Rate an hour', '80');
    await page.fill('Limit', '6000');
    await page.choose('To', '30 minutes');
    await page.fill('Reason', 'By letter');
    // What others agree meanwhile changes nothing of what is typed, and is not taken back by it.
    kept = { agreements: [{ ...AGREED, mode: 'down', id: id(702) }], rates: [{ ...RATE, rate: 900_000 }] };
    TestBed.inject(Refresh).written();
    await page.settle(30);
    await page.press('Agree');
    await page.settle(60);
    const dialog = document.querySelector('mat-dialog-container')!.textContent!.replace(/\s+/g, ' ');
    expect(dialog).toContain('Agree this of “Pier”?');
    expect(dialog).toContain('1 entry with 1:00 recorded from then on is priced by it.');
    expect(dialog).toContain('Together it is worth £80.00 then, £15.00 less than now.');
    const wish = { validFrom: '2026-06-01', reason: 'By letter', rate: 800_000, limit: 600_000, increment: 30 };
    expect(sent()).toEqual([{ ...wish, seen: null }]);
    await page.answer('Agree and price anew');
    await page.settle(60);
    expect(sent().at(-1)).toEqual({ ...wish, seen: 'first' });
    expect(page.text()).toContain('at most £6,000.00 net');
    expect(page.text()).toContain('GBP 80.00 an hour');
    expect([told, page.texts('form').length]).toEqual([1, 0]);
  });

  it('stays as it is where nobody confirms, and what was typed stays typed', async () => {
    await opened({ agreements: [AGREED], rates: [] });
    const inEuros = { ...EFFECT, moves: [{ ...EFFECT.moves[0]!, rateThen: 900_000, currencyThen: 'EUR', valueThen: 9000 }] };
    page.server.on(
      'changeAgreement',
      () => ({ ...refusal(409, 'effect-unseen', 'Look at what changes.'), current: inEuros }) as never,
    );
    await page.press('Agree something else');
    await page.fill('From this day on', '1 Jun 2026');
    await page.fill('Rate an hour', '85');
    await page.fill('Reason', 'By letter');
    await page.press('Agree');
    await page.settle(60);
    const dialog = document.querySelector('mat-dialog-container')!.textContent!;
    expect(dialog).toContain('EUR 90.00 an hour');
    expect(dialog).withContext('two currencies are not one sum').not.toContain('Together');
    await page.answer('Cancel');
    await page.settle(30);
    expect(page.refused()).toBe('Nothing else is agreed.');
    expect(sent()).toEqual([{ validFrom: '2026-06-01', reason: 'By letter', rate: 850_000, seen: null }]);
    expect([told, page.texts('form').length]).toEqual([0, 1]);
    await page.press('Cancel');
    expect(page.texts('form')).toEqual([]);
  });

  it('tells beside it what was refused for another reason, and asks nothing', async () => {
    await opened({ agreements: [AGREED], rates: [RATE] });
    page.server.on('changeAgreement', () => refusal(409, 'agreement-begins-then', 'Choose another day.'));
    await page.press('Agree something else');
    await page.settle(20);
    await page.fill('From this day on', TODAY);
    await page.fill('Reason', 'Said on the telephone');
    await page.press('Agree');
    await page.settle(50);
    expect([page.refused(), document.querySelector('mat-dialog-container')]).toEqual(['Choose another day.', null]);
  });

  it('may hold from its beginning while nothing is billed by it', async () => {
    await opened({ agreements: [{ ...AGREED, used: 0 }], rates: [] });
    await page.press('Agree something else');
    await page.press('from its beginning');
    await page.choose('It is charged', 'not at all');
    await page.fill('Reason', 'A favour');
    await page.press('Agree');
    await page.settle(30);
    expect(sent()).toEqual([{ validFrom: '2026-01-01', reason: 'A favour', method: 'not billable', seen: null }]);
    expect(told).toBe(1);
    // By now something is billed of it.
    await page.press('Agree something else');
    expect(page.texts('button')).not.toContain('from its beginning');
  });

  it('holds from a day on where something else was agreed before', async () => {
    const before = { ...AGREED, id: id(699), validFrom: '2025-01-01', validTo: '2025-12-31', used: 0 };
    await opened({ agreements: [{ ...AGREED, used: 0 }, before], rates: [] });
    await page.press('Agree something else');
    expect(page.texts('button')).not.toContain('from its beginning');
  });
});
