import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { BreakpointObserver } from '@angular/cdk/layout';
import { Role } from '@yellowwood/core';
import { of } from 'rxjs';
import { Address } from '../state/address';
import { Page, id, open, refusal } from '../testing/fake-server';
import { entryOf, weekOfEntries } from '../testing/fixtures';
import { Shell } from './shell';

describe('the shell', () => {
  let page: Page<Shell>;
  afterEach(() => page.element.remove());

  async function shell(url: string, roles: Role[] = ['owner'], narrow = false, again = false) {
    page = await open(Shell, {
      url,
      roles,
      again,
      providers: [{ provide: BreakpointObserver, useValue: { observe: () => of({ matches: narrow }) } }],
      prepare: (server) =>
        server
          .on('readEntryWhy', () => ({
            entry: entryOf(50),
            recorded: 5400,
            billable: 0,
            rounding: null,
            method: null,
            currency: null,
            rate: null,
            winner: null,
            today: null,
            losers: [],
            value: null,
            cost: null,
            billed: [],
          }))
          .on('readTimesheet', () => weekOfEntries([]))
          .on('readHistory', () => ({ events: [] })),
    });
  }
  const why = () => page.element.querySelector('yw-why-panel');

  it('has the dock for those who record, and only for them', async () => {
    await shell('/f/f/record', ['staff']);
    expect(page.element.querySelector('yw-timer-dock')).not.toBeNull();
    expect(page.element.classList).toContain('with-dock');
  });

  it('is skipped by links to the work and to the timer', async () => {
    await shell('/f/f/record', ['staff']);
    const links = () => [...page.element.querySelectorAll<HTMLAnchorElement>('.skip')];
    for (const [index, to] of [
      [0, 'work'],
      [1, 'timer'],
    ] as const) {
      links()[index]!.click();
      expect(document.activeElement!.id).toBe(to);
    }
    expect(links().map((one) => one.textContent!.trim())).toEqual(['Skip to the work', 'Skip to the timer']);
  });

  it('answers why beside the work where people work by it, and on asking elsewhere', async () => {
    await shell('/f/f/record');
    await page.settle(50);
    expect(page.text('yw-why-panel')).toContain('Choose a cell or an entry');
    await TestBed.inject(Router).navigateByUrl('/f/f/bill');
    await page.settle();
    expect(why()).toBeNull();
    TestBed.inject(Address).ask(`entry:${id(50)}`);
    await page.settle(50);
    expect(page.text('yw-why-panel h3')).toContain('1:30');
  });

  for (const [role, words] of [
    ['staff', 'Open a week'],
    ['manager', 'Choose a person'],
  ] as const)
    it(`asks ${role} in review: ${words}`, async () => {
      await shell('/f/f/review', [role]);
      expect(page.text('yw-why-panel')).toContain(words);
    });

  it('answers at once when a link asks why of a figure', async () => {
    await shell('/f/f/results?sel=figure:cost');
    expect(page.text('yw-why-panel h3')).toBe('Labour cost');
  });

  it('keeps the choice to fold it away, step by step', async () => {
    await shell('/f/f/record');
    await page.press('Fold away');
    expect(why()).toBeNull();
    await TestBed.inject(Router).navigateByUrl('/f/f/review');
    await page.settle();
    expect(why()).not.toBeNull();
    await TestBed.inject(Router).navigateByUrl('/f/f/record');
    await page.settle();
    expect(why()).toBeNull();
    // Also after the page was loaded again.
    page.element.remove();
    TestBed.resetTestingModule();
    await shell('/f/f/record', ['owner'], false, true);
    expect(why()).toBeNull();
    await page.press('Why');
    expect(why()).not.toBeNull();
  });

  it('leaves the room to the work where there is little', async () => {
    await shell('/f/f/record', ['owner'], true);
    expect(why()).toBeNull();
    await page.press('Why');
    expect(why()!.classList).toContain('over');
  });

  it('opens and closes the scope where it has no place of its own', async () => {
    await shell('/f/f/record', ['owner'], true);
    await page.press('Choose scope');
    expect(page.element.querySelector('.side')!.classList).toContain('open');
    page.element.querySelector<HTMLElement>('[role=treeitem]')!.click();
    await page.settle();
    expect(page.element.querySelector('.side')!.classList).not.toContain('open');
  });

  it('shows the settings where the scope stands otherwise, and no why', async () => {
    await shell('/f/f/settings/people', ['owner']);
    expect(page.element.querySelector('yw-scope-tree')).toBeNull();
    expect(page.texts('yw-settings-list li a')).toContain('People');
    expect(page.element.querySelector('yw-why-panel, .handle')).toBeNull();
    await page.press('Choose scope');
    expect(document.activeElement).toBe(page.element.querySelector('yw-settings-list input'));
  });

  it('closes the scope by its button, Escape or a press beside it, and the focus goes in and out with it', async () => {
    await shell('/f/f/record', ['owner'], true);
    const isOpen = () => page.element.querySelector('.side')!.classList.contains('open');
    await page.press('Choose scope');
    const find = page.element.querySelector<HTMLElement>('yw-scope-tree input')!;
    expect([isOpen(), document.activeElement]).toEqual([true, find]);
    await page.key(find, 'Escape');
    expect(isOpen()).toBeFalse();
    expect(page.button('Choose scope').getAttribute('aria-expanded')).toBe('false');
    await page.press('Choose scope');
    page.element.querySelector<HTMLElement>('.behind')!.click();
    await page.settle();
    expect(isOpen()).toBeFalse();
    await page.press('Choose scope');
    await page.press('Choose scope');
    expect(isOpen()).toBeFalse();
  });

  it('lets the keyboard skip to the work', async () => {
    await shell('/f/f/record');
    page.element.querySelector<HTMLAnchorElement>('a.skip')!.click();
    expect(document.activeElement!.id).toBe('work');
  });

  it('keeps the focus in the page when the panel that had it is folded away', async () => {
    await shell(`/f/f/record?sel=entry:${id(50)}`);
    page.button('Fold away').focus();
    await page.press('Fold away');
    expect(document.activeElement).not.toBe(document.body);
    expect(page.element.contains(document.activeElement)).toBeTrue();
  });

  it('goes by F6 from part to part, into what is worked on there, and back', async () => {
    await shell('/f/f/results');
    const here = () => document.activeElement!.closest('yw-step-rail, yw-scope-tree, main, yw-why-panel, yw-timer-dock');
    const f6 = async (shiftKey = false) => {
      await page.key(document.activeElement!, 'F6', { shiftKey });
      return here()!.tagName.toLowerCase();
    };
    page.element.querySelector<HTMLElement>('.side')!.style.display = 'block';
    const main = page.element.querySelector('main')!;
    main.insertAdjacentHTML(
      'beforeend',
      '<button>first</button><table><tr tabindex="-1"></tr><tr tabindex="0"><td>row</td></tr></table>',
    );
    // From nowhere to the work.
    expect([await f6(), document.activeElement!.textContent]).toEqual(['main', 'row']);
    expect([await f6(), document.activeElement!.className]).toEqual(['yw-timer-dock', 'main']);
    expect([await f6(), await f6(), await f6()]).toEqual(['yw-step-rail', 'yw-scope-tree', 'main']);
    expect([await f6(true), document.activeElement!.getAttribute('role')]).toEqual(['yw-scope-tree', 'treeitem']);
    // From the door of a part into it.
    main.focus();
    expect([await f6(), document.activeElement!.textContent]).toEqual(['main', 'row']);
    main.focus();
    expect([await f6(true), document.activeElement!.textContent]).toEqual(['main', 'row']);
  });

  it('goes to a step and into its list, presses the main button, starts the timer: each by its key', async () => {
    await shell('/f/f/record');
    const main = page.element.querySelector('main')!;
    main.insertAdjacentHTML(
      'beforeend',
      '<button data-main>Submit</button><input /><table><tr tabindex="0"><td>row</td></tr></table>',
    );
    const pressed: string[] = [];
    page.element.addEventListener('click', ({ target }) => pressed.push((target as Element).textContent!.trim()));
    await page.key(document.body, 'Enter', { ctrlKey: true });
    await page.key(main.querySelector('input')!, 'Enter', { ctrlKey: true });
    main.querySelector<HTMLButtonElement>('[data-main]')!.disabled = true;
    await page.key(document.body, 'Enter', { ctrlKey: true });
    expect(pressed).toEqual(['Submit']);
    page.server.on('startTimer', () => refusal(409, 'timer-runs', 'It runs.'));
    await page.key(document.body, 'F9');
    expect(pressed).toEqual(['Submit', 'Start timer']);
    await page.key(document.body, '!', { code: 'Digit2', ctrlKey: true, shiftKey: true });
    await page.settle(100);
    expect(TestBed.inject(Router).url).toContain('/f/f/review');
    expect(document.activeElement!.textContent).toBe('row');
    await page.key(document.body, '!', { code: 'Digit2', ctrlKey: true, shiftKey: true, altKey: true });
    await page.key(document.body, '9', { code: 'Digit9', ctrlKey: true, shiftKey: true });
    expect(TestBed.inject(Router).url).toContain('/f/f/review');
  });

  it('shows the keys by a question mark, once, from wherever no text is typed', async () => {
    await shell('/f/f/results');
    const dialogs = () => document.querySelectorAll('mat-dialog-container').length;
    const find = page.element.querySelector<HTMLElement>('yw-scope-tree input')!;
    await page.key(find, '?');
    await page.settle(50);
    expect(dialogs()).toBe(0);
    await page.key(document.body, '?', { ctrlKey: true });
    await page.settle(50);
    expect(dialogs()).toBe(0);
    await page.key(page.element.querySelector('main')!, '?');
    await page.key(page.element.querySelector('main')!, '?');
    await page.settle(200);
    expect(dialogs()).toBe(1);
    await page.answer('Close');
    expect(dialogs()).toBe(0);
  });
});
