import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import type { Instructed } from '@yellowwood/contracts';
import { ToConfirm } from '../../record/to-confirm';
import { sessionActions, sessionFeature } from '../../state/session';
import { Page, id, me, open } from '../../testing/fake-server';
import { InstructionScreen } from './instruction';

const VERSION = { version: 2, wording: 'On the day itself.', by: 'Anna Test', at: '2026-06-01T08:00:00.000Z' };
const READ = { how: 'read here' as const, by: 'Ben Holt', paper: null };

describe('the evidence of instruction', () => {
  let page: Page<InstructionScreen>;
  let known: Instructed;
  async function screen(names: Partial<Instructed> = {}) {
    known = {
      versions: [VERSION],
      people: [
        { id: id(2), name: 'Ben Holt', instructed: [{ ...READ, version: 2, day: '2026-06-02' }] },
        { id: id(3), name: 'Cara Pym', instructed: [{ ...READ, version: 1, day: '2026-05-04', paper: 'signed.pdf' }] },
        { id: id(4), name: 'Dora Finch', instructed: [] },
      ],
      ...names,
    };
    page = await open(InstructionScreen, {
      ...{ url: '/f/f/settings/instruction', roles: ['owner'] },
      prepare: (server) => server.on('listInstructed', () => known),
    });
    await page.settle(30);
  }
  afterEach(() => page.element.remove());

  it('says who was instructed in which version, how, and with which paper', async () => {
    await screen();
    expect(page.text('.head')).toContain('1 of 3 people are instructed');
    expect(page.texts('tbody tr').map((text) => text.replace(/\s+/g, ' '))).toEqual([
      jasmine.stringMatching(/Ben Holt.*Tue 2 Jun.*read here.*Ben Holt/),
      jasmine.stringMatching(/Cara Pym.*not in this version, before on Mon 4 May.*signed\.pdf/),
      jasmine.stringMatching(/Dora Finch.*not yet/),
    ] as never);
    expect(page.element.querySelector('tbody a')!.getAttribute('href')).toBe(`/api/f/f/instructed/${id(3)}/paper`);
  });

  it('asks another wording of everybody', async () => {
    await screen({ versions: [] });
    expect(page.texts('h2, yw-table')).toEqual([]);
    await page.type('textarea', 'With breaks.');
    page.server.on('changeInstruction', ({ body }) => (known = { ...known, versions: [{ ...VERSION, version: 1, ...body }] }));
    page.element.querySelector('form')!.requestSubmit();
    await page.settle(30);
    expect(page.server.to('changeInstruction')[0]!.body).toEqual({ wording: 'With breaks.' });
    expect(page.text()).toContain('Version 1, by Anna Test');
  });

  it('notes who was instructed otherwise, with the paper', async () => {
    await screen();
    page.server.on('noteInstructed', () => known);
    expect(await page.find('', '.note input')).toEqual(['Cara Pym', 'Dora Finch']);
    document.querySelectorAll<HTMLElement>('mat-option')[1]!.click();
    await page.settle(30);
    const box = page.element.querySelector<HTMLInputElement>('input[type=file]')!;
    const files = new DataTransfer();
    files.items.add(new File(['%PDF-1.7'], 'signed.pdf'));
    box.files = files.files;
    box.dispatchEvent(new Event('change'));
    await page.settle(30);
    page.element.querySelector<HTMLFormElement>('.note')!.requestSubmit();
    await page.settle(30);
    expect(page.server.to('noteInstructed')[0]!.body).toEqual({
      ...{ version: 2, people: [id(4)], how: 'on paper', day: '2026-06-10' },
      paper: { name: 'signed.pdf', bytes: btoa('%PDF-1.7') },
    });
  });
});

describe('whoever is asked to confirm how time is recorded', () => {
  it('reads it first', async () => {
    const page = await open(ToConfirm, {
      ...{ url: '/f/f/record', roles: ['staff'] },
      prepare: (server) =>
        server.on('readInstruction', () => ({ instruction: VERSION, confirmedOn: null })).on('confirmInstruction', () => null),
    });
    expect(page.text()).toBe('');
    const store = TestBed.inject(Store);
    store.dispatch(sessionActions.meRead({ me: { ...me('staff'), toConfirm: 2 } }));
    await page.settle(30);
    expect(page.texts('button')).toEqual(['Read it']);
    await page.press('Read it');
    expect(page.text('.wording')).toBe('On the day itself.');
    await page.press(/^I have read this/);
    await page.settle(20);
    expect(page.server.to('confirmInstruction')[0]!.body).toEqual({ version: 2 });
    expect(store.selectSignal(sessionFeature.selectMe)()!.toConfirm).toBeNull();
    page.element.remove();
  });
});
