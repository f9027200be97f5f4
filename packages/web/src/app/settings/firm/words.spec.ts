import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import type { KnownWords } from '@yellowwood/contracts';
import { OwnWords } from '../../state/own-words';
import { sessionFeature } from '../../state/session';
import { Page, id, open } from '../../testing/fake-server';
import { WordsScreen } from './words';

describe('the words of a firm in settings', () => {
  let page: Page<WordsScreen>;
  let known: KnownWords;
  beforeEach(async () => {
    known = { id: id(90), facts: { words: { task: { one: 'step', many: 'steps' } }, workText: 'name' }, version: 4 };
    page = await open(WordsScreen, {
      ...{ url: '/f/f/settings/words', roles: ['owner'] },
      prepare: (server) =>
        server
          .on('readWords', () => known)
          .on('readHistory', () => ({ events: [] }))
          .on('changeWords', ({ body }) => ({ ...known, facts: body, version: 5 })),
    });
    await page.settle(20);
  });
  afterEach(() => page.element.remove());
  const boxes = () => [...page.element.querySelectorAll<HTMLInputElement>('fieldset input')];
  const type = async (index: number, text: string) => {
    boxes()[index]!.value = text;
    boxes()[index]!.dispatchEvent(new Event('input', { bubbles: true }));
    await page.settle();
  };

  it('are what they are now, and said as they are typed', async () => {
    expect(boxes().map(({ value }) => value)).toEqual([
      ...['client', 'clients', 'project', 'projects', 'step', 'steps', 'service', 'services'],
    ]);
    await type(2, 'order');
    await type(3, 'orders');
    expect(page.text('.example')).toBe('Clients have orders, an order has steps, and time on a step is of a service.');
  });

  it('are saved as they were seen, and the page says them at once', async () => {
    await type(2, 'job');
    await type(3, 'jobs');
    await page.choose('Projects are shown by', 'its code');
    page.element.querySelector('form')!.requestSubmit();
    await page.settle(30);
    const [sent] = page.server.to('changeWords');
    expect([sent!.version, sent!.body.workText, sent!.body.words.project]).toEqual([
      ...(['"4"', 'code', { one: 'job', many: 'jobs' }] as const),
    ] as never);
    const me = TestBed.inject(Store).selectSignal(sessionFeature.selectMe)()!;
    expect(me.firm.workText).toBe('code');
    expect(TestBed.inject(OwnWords).say('A project manager')).toBe('A job manager');
    await type(0, ' ');
    page.element.querySelector('form')!.requestSubmit();
    await page.settle(20);
    expect(page.server.to('changeWords').length).toBe(1);
    expect(page.text()).toContain('Type the word.');
  });
});
