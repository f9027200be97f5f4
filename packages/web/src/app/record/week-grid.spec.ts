import { WritableSignal, provideZonelessChangeDetection, signal } from '@angular/core';
import { ComponentFixture, TestBed } from '@angular/core/testing';
import { provideState, provideStore } from '@ngrx/store';
import { durationText, seconds } from '@yellowwood/core';
import type { Entry, SheetRow, Timesheet } from '@yellowwood/contracts';
import { Address } from '../state/address';
import { sessionFeature } from '../state/session';
import { workFeature } from '../state/work';
import { WeekGrid } from './week-grid';
import { CellDraft, GridRow, Target, gridOf, rowKey } from './week-model';
import { WeekStore } from './week-store';

const DATES = ['2026-06-08', '2026-06-09', '2026-06-10', '2026-06-11', '2026-06-12', '2026-06-13', '2026-06-14'];

describe('the week grid by keyboard', () => {
  let fixture: ComponentFixture<WeekGrid>;
  let typed: [row: number, column: number, text: string][];
  let undone: number;
  let shown: WritableSignal<Timesheet>;
  let lines: WritableSignal<GridRow[]>;
  let removed: SheetRow[];
  let pasted: unknown[][];
  let emptied: number[];

  beforeEach(async () => {
    const entry = (id: string, date: string, serviceId: string, names: object = {}) =>
      ({
        id,
        kind: 'time',
        personId: 'me',
        date,
        projectId: 'p',
        taskId: null,
        serviceId,
        quantity: 5400,
        billable: true,
        note: '',
        stage: 'recorded',
        startAt: null,
        problems: [],
        returned: null,
        version: 1,
        ...names,
      }) as unknown as Entry;
    const week = {
      personId: 'me',
      from: DATES[0],
      to: DATES[6],
      zone: 'Europe/London',
      state: 'open',
      rows: [],
      ways: ['timer', 'length', 'span'],
      may: { record: true, submit: true, correct: false },
      dayMaximum: 36_000,
      entries: [
        entry('a', DATES[0]!, 's'),
        entry('b', DATES[1]!, 's', { startAt: '2026-06-09T07:00:00Z', endAt: '2026-06-09T08:30:00Z' }),
        entry('c', DATES[0]!, 't'),
      ],
      days: DATES.map((date) => ({ date, planned: 27_000, recorded: 0, gaps: [], overlaps: [] })),
    } as unknown as Timesheet;
    typed = [];
    undone = 0;
    const rows = gridOf(week);
    shown = signal(week);
    lines = signal(rows);
    removed = [];
    pasted = [];
    emptied = [];
    const store = {
      week: shown,
      rows: lines,
      saved: signal(''),
      cells: {
        type: ({ row, date }: Target, text: string) =>
          typed.push([rows.findIndex((one) => one.key === rowKey(row)), DATES.indexOf(date), text]),
        paste: (_rows: unknown, { row, column }: { row: number; column: number }, text: string) => (
          pasted.push([row, column, text]),
          text.includes('x') ? 2 : 0
        ),
        empty: (targets: Target[]) => emptied.push(targets.length),
        forget: () => undefined,
      },
      removeRow: (row: SheetRow) => removed.push(row),
      today: signal(DATES[2]),
      text: (value: number) => durationText(seconds(value)),
      undo: () => (undone += 1),
    };
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideStore(),
        provideState(sessionFeature),
        provideState(workFeature),
        { provide: WeekStore, useValue: store },
        {
          provide: Address,
          useValue: { scope: signal('all'), as: () => null, set: () => Promise.resolve(true), selection: signal(null) },
        },
      ],
    });
    fixture = TestBed.createComponent(WeekGrid);
    fixture.componentRef.setInput('day', DATES[0]);
    document.body.appendChild(fixture.nativeElement as HTMLElement);
    await settle();
    cell(0, 0).focus();
  });
  afterEach(() => (fixture.nativeElement as HTMLElement).remove());

  const cell = (row: number, column: number) =>
    (fixture.nativeElement as HTMLElement).querySelector<HTMLElement>(`[data-cell="${row}-${column}"]`)!;
  async function settle() {
    await fixture.whenStable();
    await new Promise((resolve) => setTimeout(resolve, 5));
    await fixture.whenStable();
  }
  async function press(...keys: string[]) {
    for (const key of keys) {
      const [modifier, name] = key.includes('+') ? key.split('+') : ['', key];
      document.activeElement!.dispatchEvent(
        new KeyboardEvent('keydown', {
          key: name!,
          ctrlKey: modifier === 'Control',
          shiftKey: modifier === 'Shift',
          bubbles: true,
          cancelable: true,
        }),
      );
      await settle();
    }
  }
  async function fill(text: string) {
    const box = document.activeElement as HTMLInputElement;
    box.value = text;
    box.dispatchEvent(new Event('input', { bubbles: true }));
    await settle();
  }

  it('moves by arrows within its bounds, one cell reachable by Tab', async () => {
    await press('ArrowRight', 'ArrowRight', 'ArrowDown');
    expect(document.activeElement).toBe(cell(1, 2));
    await press('ArrowDown', 'ArrowDown', 'End', 'ArrowRight');
    expect(document.activeElement).toBe(cell(1, 6));
    expect((fixture.nativeElement as HTMLElement).querySelectorAll('td[tabindex="0"]').length).toBe(1);
  });

  it('pastes where the caret is, and leaves copy and paste to the box while a cell is typed in', async () => {
    const send = (kind: 'copy' | 'paste', text = '') => {
      const data = new DataTransfer();
      data.setData('text/plain', text);
      const event = new ClipboardEvent(kind, { clipboardData: data, bubbles: true, cancelable: true });
      document.activeElement!.dispatchEvent(event);
      return event.defaultPrevented;
    };
    await press('ArrowRight');
    expect(send('paste', '1:00')).toBeTrue();
    expect(pasted).toEqual([[0, 1, '1:00']]);
    await press('ArrowLeft');
    await press('F2');
    expect([send('copy'), send('paste', '2:00')]).toEqual([false, false]);
    expect(pasted.length).toBe(1);
    await press('Escape');
    expect(fixture.componentInstance['store'].saved()).toBe('');
    send('paste', 'x\tx');
    expect(fixture.componentInstance['store'].saved()).toMatch(/^2 cells were skipped/);
  });

  it('sets the week against what is planned, where anything is', async () => {
    const total = () => [...(fixture.nativeElement as HTMLElement).querySelectorAll('tfoot td:last-child small')];
    expect(total().map((one) => one.textContent)).toEqual(['of 52:30']);
    shown.update((week) => ({ ...week, days: week.days.map((day) => ({ ...day, planned: 0 })) }));
    await settle();
    expect(total()).toEqual([]);
  });

  it('takes out a row that was brought and holds nothing, and no other', async () => {
    const takeOut = () => [...(fixture.nativeElement as HTMLElement).querySelectorAll<HTMLElement>('tbody button.out')];
    expect(takeOut()).toEqual([]);
    const brought = { projectId: 'p', taskId: null, serviceId: 'u', billable: true };
    lines.set(gridOf({ ...shown(), rows: [brought] }));
    shown.update((week) => ({ ...week, rows: [brought] }));
    await settle();
    const [only, more] = takeOut();
    expect(more).toBeUndefined();
    only!.click();
    expect(removed).toEqual([brought]);
  });

  it('has a row for absence where somebody is away, on its day, and none where nobody is', async () => {
    const absence = () => (fixture.nativeElement as HTMLElement).querySelector('tr.absences');
    expect(absence()).toBeNull();
    const leave = { id: 'l', kind: 'absence', absenceCode: 'holiday', date: DATES[3], quantity: 27_000 } as unknown as Entry;
    shown.update((week) => ({ ...week, entries: [...week.entries, leave] }));
    await settle();
    expect([...absence()!.children].map((one) => one.textContent)).toEqual(['Absence', '', '', '', 'leave', '', '', '', '']);
  });

  it('replaces by typing, goes down by Enter and right by Tab', async () => {
    await press('2');
    expect((document.activeElement as HTMLInputElement).value).toBe('2');
    await fill('2:15');
    expect((fixture.nativeElement as HTMLElement).querySelector('#cell-reading')!.textContent).toContain('2:15');
    await press('Enter');
    expect(typed).toEqual([[0, 0, '2:15']]);
    expect(document.activeElement).toBe(cell(1, 0));
    await press('F2');
    expect((document.activeElement as HTMLInputElement).value).toBe('1:30');
    await press('Tab');
    // Unchanged text is no change.
    expect(typed.length).toBe(1);
    expect(document.activeElement).toBe(cell(1, 1));
  });

  it('goes on by Enter, after a row was filled by Tab, where that row began', async () => {
    cell(0, 2).focus();
    await press('2');
    await fill('2');
    await press('Tab');
    await press('3');
    await fill('3');
    await press('Tab');
    await press('4');
    await fill('4');
    await press('Enter');
    expect(document.activeElement).toBe(cell(1, 2));
    // Whoever moves otherwise begins another run.
    await press('F2');
    await press('Tab');
    await press('ArrowUp');
    await press('5');
    await fill('5');
    await press('Enter');
    expect(document.activeElement).toBe(cell(1, 3));
  });

  it('loses no key of somebody who types fast: box and cell take the focus at once', async () => {
    const now = (key: string) =>
      document.activeElement!.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
    cell(0, 2).dispatchEvent(new MouseEvent('mousedown', { bubbles: true }));
    // Nothing is waited for between these keys.
    now('1');
    const box = document.activeElement as HTMLInputElement;
    expect([box.tagName, box.value, box.selectionStart]).toEqual(['INPUT', '1', 1]);
    now('Escape');
    expect(document.activeElement).toBe(cell(0, 2));
    now('7');
    expect((document.activeElement as HTMLInputElement).value).toBe('7');
    await fill('7:30');
    await press('Enter');
    expect(typed).toEqual([[0, 2, '7:30']]);
  });

  it('keeps what cannot be read, with a sentence, and leaves by Escape', async () => {
    await press('9');
    await fill('90');
    await press('Enter');
    expect(cell(0, 0).querySelector('[role=alert]')!.textContent).toContain('More than 24');
    expect([typed.length, (document.activeElement as HTMLInputElement).value]).toEqual([0, '90']);
    await press('Escape');
    expect(cell(0, 0).textContent).toContain('1:30');
    expect(document.activeElement).toBe(cell(0, 0));
  });

  it('opens the entries of a cell that holds a span, instead of typing over it', async () => {
    const opened: string[] = [];
    fixture.componentInstance.entryOpened.subscribe(({ id }) => opened.push(id));
    await press('ArrowRight', '3');
    expect([opened, document.activeElement!.tagName]).toEqual([['b'], 'TD']);
    expect(cell(0, 1).getAttribute('aria-readonly')).toBe('true');
  });

  it('empties by Delete, undoes by Ctrl+Z, and copies a marked block', async () => {
    await press('Delete', 'Control+z');
    expect([typed, undone]).toEqual([[[0, 0, '']], 1]);
    await press('Shift+ArrowRight', 'Shift+ArrowDown');
    const data = new DataTransfer();
    document.activeElement!.dispatchEvent(new ClipboardEvent('copy', { clipboardData: data, bubbles: true, cancelable: true }));
    expect(data.getData('text/plain')).toBe('1:30\t1:30\n1:30\t');
  });

  it('empties a block in one step, and leaves and names what holds a span', async () => {
    await press('Shift+ArrowDown', 'Shift+ArrowRight', 'Delete');
    expect([emptied, typed]).toEqual([[2], []]);
    expect(fixture.componentInstance['store'].saved()).toContain('1 cell was left');
  });

  it('empties what is typed and not stored yet, as well', async () => {
    const draft = { text: 'soon', state: 'unread', sentence: 'Type a duration.' } as CellDraft;
    lines.update(([first, ...rest]) => [
      { ...first!, cells: first!.cells.map((one, column) => (column === 3 ? { ...one, draft } : one)) },
      ...rest,
    ]);
    await press('ArrowRight', 'ArrowRight', 'Delete', 'ArrowRight', 'Delete');
    expect(typed).toEqual([[0, 3, '']]);
  });

  it('goes on below where the caret is, when one has gone elsewhere since a row was filled by Tab', async () => {
    await press('2', 'Tab', '3', 'Tab');
    cell(0, 4).focus();
    await settle();
    await press('4', 'Enter');
    expect(document.activeElement).toBe(cell(1, 4));
  });

  it('says what cannot be read when one goes on, until something else is typed', async () => {
    const says = () => cell(0, 0).querySelector('.says')?.textContent ?? '';
    await press('F2');
    await fill('soon');
    expect(says()).toBe('');
    await press('Enter');
    expect(says()).not.toBe('');
    await fill('2');
    expect(says()).toBe('');
    await press('Enter');
    expect(typed).toEqual([[0, 0, '2']]);
  });

  it('names every cell for those who do not see it', () => {
    expect(cell(0, 0).getAttribute('aria-label')).toContain('2026-06-08, 1:30');
    expect(cell(0, 3).getAttribute('aria-label')).toContain('empty');
  });
});
