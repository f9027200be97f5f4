import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import type { KnownWhoRecords } from '@yellowwood/contracts';
import { workActions } from '../../state/work';
import { Page, WORK, id, open, refusal } from '../../testing/fake-server';
import { WhoRecordsSection } from './who-records';

const [BENCH, YARD, ROSA, ILSE] = [id(80), id(81), id(82), id(83)];
const KNOWN: KnownWhoRecords = {
  ...{ id: id(20), version: 3, everyone: false, people: [{ id: ROSA, name: 'Rosa Vane' }], teams: [BENCH] },
  offered: [
    { id: BENCH, name: 'Bench', people: 4 },
    { id: YARD, name: 'Yard', people: 1 },
  ],
};

describe('who records on a project', () => {
  let page: Page<WhoRecordsSection>;
  let known: KnownWhoRecords;
  const opened = async (own: Partial<KnownWhoRecords> = {}) => {
    known = { ...KNOWN, ...own };
    page = await open(WhoRecordsSection, {
      ...{ url: '/f/f/settings/work', roles: ['owner'], inputs: { id: id(20), version: 3 } },
      prepare: (server) => {
        server.work = { ...WORK, people: [{ id: ILSE, name: 'Ilse Maybach', position: 'Mason' }] };
        server
          .on('readWhoRecords', () => known)
          .on('changeWhoRecords', ({ body }) => ({ ...KNOWN, version: 4, everyone: body.everyone, teams: [...body.teams] }));
      },
    });
    await page.settle(20);
  };
  afterEach(() => page.element.remove());
  const sent = () => page.server.to('changeWhoRecords').map(({ body, version }) => [version, body]);
  const choose = async (word: string) => {
    [...page.element.querySelectorAll<HTMLElement>('mat-button-toggle button')]
      .find((one) => one.textContent!.trim() === word)!
      .click();
    await page.settle(20);
  };

  it('is everyone, until some are named', async () => {
    await opened({ everyone: true, people: [], teams: [] });
    expect([page.text('form').includes('see the project'), page.element.querySelector('yw-names-list')]).toEqual([false, null]);
    await choose('those named');
    expect(page.text('form')).toContain('They alone see the project');
    expect(page.texts('yw-names-list li')).toEqual(['Nobody is named yet.']);
    expect(await page.find('ilse', 'yw-known-person-field input')).toEqual([jasmine.stringContaining('Ilse Maybach')]);
    document.querySelector<HTMLElement>('mat-option')!.click();
    await page.settle(20);
    expect(page.texts('yw-names-list li')).toEqual([jasmine.stringContaining('Ilse Maybach')]);
    const dispatched = spyOn(TestBed.inject(Store), 'dispatch').and.callThrough();
    await page.press('Say so');
    await page.settle(20);
    expect(sent()).toEqual([['"3"', { everyone: false, teams: [], people: [ILSE] }]] as never);
    // What is known of the project tells it.
    expect(dispatched).toHaveBeenCalledWith(workActions.workOutdated());
  });

  it('is teams and people, each taken out again', async () => {
    await opened();
    expect(page.text('yw-some-field')).toContain('Bench, 4');
    expect(page.texts('yw-names-list li')).toEqual([jasmine.stringContaining('Rosa Vane')]);
    await page.press('Take Rosa Vane out');
    expect(page.texts('yw-names-list li')).toEqual(['Nobody is named yet.']);
    expect(document.activeElement).toBe(page.element.querySelector('yw-known-person-field input'));
    page.server.on('changeWhoRecords', () => refusal(404, 'team-unknown', 'This team does not exist any more.'));
    await page.press('Say so');
    await page.settle(20);
    expect([sent().length, page.refused()]).toEqual([1, 'This team does not exist any more.']);
    await choose('everyone');
    page.server.on('changeWhoRecords', () => ({ ...KNOWN, version: 4, everyone: true }));
    await page.press('Say so');
    await page.settle(20);
    expect(sent()[1]).toEqual(['"3"', { everyone: true, teams: [BENCH], people: [] }] as never);
  });
});
