import { MAT_DIALOG_DATA, MatDialogRef } from '@angular/material/dialog';
import type { Repricing } from '@yellowwood/contracts';
import { Page, open } from '../testing/fake-server';
import { RepricingDialog } from './repricing-dialog';

describe('what is priced anew', () => {
  let page: Page<RepricingDialog>;
  afterEach(() => page.element.remove());

  async function shown(valueThen: number, names: Partial<Repricing['moves'][number]> = {}) {
    const move = {
      ...{ rateNow: 900_000, currencyNow: 'GBP', chargedNow: true, valueNow: 18_000 },
      ...{ rateThen: 800_000, currencyThen: 'GBP', chargedThen: true, valueThen, entries: 2, seconds: 7200 },
      ...names,
    };
    const effect: Repricing = { seen: 'first', entries: 2, seconds: 7200, lost: 0, gained: 0, moves: [move] };
    const data = { title: 'Move?', button: 'Move', what: { one: 'goes along', more: 'go along' }, effect, again: false };
    page = await open(RepricingDialog, {
      ...{ url: '/f/f/settings/work', roles: ['owner'] },
      providers: [
        { provide: MAT_DIALOG_DATA, useValue: data },
        { provide: MatDialogRef, useValue: { close: () => undefined } },
      ],
    });
    const text = page.text();
    page.element.remove();
    return text;
  }

  it('says how much more all of it is worth', async () => {
    expect(await shown(20_000)).toContain('Together it is worth £200.00 then, £20.00 more than now.');
  });

  it('says how much less all of it is worth', async () => {
    expect(await shown(16_000)).toContain('Together it is worth £160.00 then, £20.00 less than now.');
  });

  it('says where it is worth the same', async () => {
    expect(await shown(18_000)).toContain('Together it is worth £180.00, as now.');
  });

  it('adds up no two currencies', async () => {
    expect(await shown(18_000, { currencyThen: 'EUR' })).not.toContain('Together');
  });
});
