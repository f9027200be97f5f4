import { ApplicationRef } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { readDuration } from '@yellowwood/core';
import { Refresh } from '../state/refresh';
import { Page, id, open } from '../testing/fake-server';
import { entryOf } from '../testing/fixtures';
import { KeptWeek } from '../testing/kept-week';
import { rowKey } from './week-model';
import { WeekScreen } from './week';
import { WeekStore } from './week-store';

type Cells = Map<string, number>;

/** The grid as somebody thinks of it: what stands in a cell, and what is taken back by Ctrl+Z. */
class Book {
  readonly undos: Cells[] = [];

  constructor(readonly cells: Cells) {}

  /** Writes cells in one step. */
  write(changes: Cells): void {
    const real = [...changes].filter(([place, quantity]) => (this.cells.get(place) ?? 0) !== quantity);
    if (real.length === 0) return;
    this.undos.push(new Map(real.map(([place]) => [place, this.cells.get(place) ?? 0])));
    this.put(new Map(real));
  }

  undo(): void {
    const before = this.undos.pop();
    if (before) this.put(before);
  }

  private put(changes: Cells): void {
    for (const [place, quantity] of changes) {
      if (quantity === 0) this.cells.delete(place);
      else this.cells.set(place, quantity);
    }
  }
}

function dice(seed: number): (sides: number) => number {
  let state = seed;
  return (sides) => (state = (state * 48_271) % 2_147_483_647) % sides;
}

const wait = (milliseconds: number) => new Promise((resolve) => setTimeout(resolve, milliseconds));

describe('typing into the week', () => {
  let page: Page<WeekScreen>;
  let server: KeptWeek;
  afterEach(() => page.element.remove());

  const store = () => page.fixture.debugElement.injector.get(WeekStore);
  const stored = (): Cells => {
    const cells: Cells = new Map();
    for (const entry of server.kept.values()) {
      const place = `${rowKey(entry)} ${entry.date}`;
      cells.set(place, (cells.get(place) ?? 0) + entry.quantity);
    }
    return cells;
  };
  const sorted = (cells: Cells) => [...cells].sort(([a], [b]) => a.localeCompare(b));
  const shown = (): string[][] =>
    [...page.element.querySelectorAll('yw-week-grid tbody tr')]
      .map((row) => [...row.querySelectorAll<HTMLElement>('[data-place]')].map((cell) => cell.dataset['place']!))
      .filter((row) => row.length > 0);
  const focused = () => document.activeElement as HTMLElement;
  const key = (name: string, names: KeyboardEventInit = {}) =>
    focused().dispatchEvent(new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true, ...names }));
  async function idle(): Promise<void> {
    for (let turn = 0; turn < 200 && (turn < 2 || store().cells.drafts().size > 0); turn += 1) {
      await store().cells.idle();
      await wait(5);
    }
    await page.fixture.whenStable();
  }

  /** Somebody types for a while, while answers come late and out of order, and a page elsewhere adds rows. */
  async function work(seed: number, steps: number): Promise<void> {
    const roll = dice(seed);
    server = new KeptWeek([
      entryOf(50),
      entryOf(51, { date: '2026-06-09', taskId: id(31), quantity: 7200 }),
      entryOf(52, { date: '2026-06-10', taskId: null, quantity: 3600 }),
    ]);
    page = await open(WeekScreen, { url: '/f/f/record', roles: ['staff'], prepare: (fake) => server.serve(fake) });
    page.server.onTheWay = () => wait(roll(25));
    const book = new Book(stored());
    page.element.querySelector<HTMLElement>('[data-cell="0-0"]')!.focus();
    let [caret, anchor]: [string, string | null] = [focused().dataset['place']!, null];
    // The column in which going on by Tab began.
    let run: number | null = null;
    let minutes = seed % 7;
    const told: string[] = [];

    const where = (place: string) => {
      const rows = shown();
      const row = rows.findIndex((one) => one.includes(place));
      return { rows, row, column: rows[row]!.indexOf(place) };
    };
    const moved = (place: string, down: number, across: number): string => {
      const { rows, row, column } = where(place);
      return rows[Math.max(0, Math.min(row + down, rows.length - 1))]![Math.max(0, Math.min(column + across, 6))]!;
    };
    const block = (): string[] => {
      const [a, b] = [where(caret), where(anchor ?? caret)];
      return a.rows
        .slice(Math.min(a.row, b.row), Math.max(a.row, b.row) + 1)
        .flatMap((row) => row.slice(Math.min(a.column, b.column), Math.max(a.column, b.column) + 1));
    };
    const length = () => {
      minutes += 1 + roll(3);
      return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
    };
    const secondsOf = (text: string) => {
      const read = readDuration(text);
      return read.ok ? (read.value as number) : 0;
    };

    const deeds: Record<string, () => void | Promise<void>> = {
      arrow() {
        const [name, down, across] = (
          [
            ['ArrowUp', -1, 0],
            ['ArrowDown', 1, 0],
            ['ArrowLeft', 0, -1],
            ['ArrowRight', 0, 1],
          ] as const
        )[roll(4)]!;
        const shiftKey = roll(3) === 0;
        anchor = shiftKey ? (anchor ?? caret) : null;
        caret = moved(caret, down, across);
        run = null;
        key(name, { shiftKey });
      },
      type() {
        const text = length();
        key(text[0]!);
        const box = focused() as HTMLInputElement;
        for (const letter of text.slice(1)) {
          box.value += letter;
          box.dispatchEvent(new Event('input', { bubbles: true }));
        }
        const [leave, down, across] = (
          [
            ['Enter', 1, 0],
            ['Tab', 0, 1],
            ['ArrowUp', -1, 0],
            ['Escape', 0, 0],
          ] as const
        )[roll(4)]!;
        key(leave);
        if (leave !== 'Escape') {
          book.write(new Map([[caret, secondsOf(text)]]));
          anchor = null;
          const { column } = where(caret);
          caret = moved(caret, down, leave === 'Enter' && run !== null ? run - column : across);
          run = leave === 'Tab' ? (run ?? column) : null;
        }
      },
      delete() {
        key('Delete');
        book.write(new Map(block().map((place) => [place, 0])));
      },
      paste() {
        const texts = [
          [length(), length()],
          [length(), length()],
        ];
        const data = new DataTransfer();
        data.setData('text/plain', texts.map((row) => row.join('\t')).join('\n'));
        const [corner] = block();
        const { rows, row, column } = where(corner!);
        focused().dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
        const pasted = texts.flatMap((line, down) =>
          line.flatMap((text, across): [string, number][] => {
            const place = rows[row + down]?.[column + across];
            return place ? [[place, secondsOf(text)]] : [];
          }),
        );
        book.write(new Map(pasted));
      },
      async undo() {
        key('z', { ctrlKey: true });
        book.undo();
        // What is done next is done to what was taken back.
        await idle();
      },
      elsewhere() {
        const number = 100 + server.kept.size + roll(1000);
        const made = entryOf(number, { date: '2026-06-12', taskId: id(number), quantity: 900 });
        server.kept.set(made.id, made);
        book.cells.set(`${rowKey(made)} ${made.date}`, 900);
        TestBed.inject(Refresh).written();
      },
      neighbours() {
        // Problems of a day move the versions of its entries.
        for (const entry of server.kept.values()) server.kept.set(entry.id, { ...entry, version: entry.version + 1 });
      },
      pause: () => wait(roll(40)) as Promise<void>,
    };
    const names = [
      'arrow',
      'arrow',
      'arrow',
      'type',
      'type',
      'type',
      'type',
      'delete',
      'paste',
      'undo',
      'elsewhere',
      'neighbours',
      'pause',
    ];
    for (let step = 0; step < steps; step += 1) {
      const name = names[roll(names.length)]!;
      told.push(name);
      // Somebody acts on what is drawn: rows that have come since are drawn first.
      TestBed.inject(ApplicationRef).tick();
      await deeds[name]!();
      if (focused().dataset['place'] !== caret)
        fail(`seed ${seed}: after ${told.join(' ')} the caret is not at ${caret} but ${focused().outerHTML.slice(0, 300)}`);
      if (focused().dataset['place'] !== caret) return;
    }
    await idle();
    const context = `seed ${seed}: ${told.join(' ')}`;
    expect(sorted(stored())).withContext(context).toEqual(sorted(book.cells));
    expect(store().undos.all().length).withContext(context).toBe(book.undos.length);
    while (book.undos.length > 0) {
      key('z', { ctrlKey: true });
      book.undo();
    }
    await idle();
    await store().cells.idle();
    expect(sorted(stored())).withContext(`all undone, ${context}`).toEqual(sorted(book.cells));
  }

  for (const seed of [1, 2, 3, 4, 5, 6])
    it(`lands in the cell that was meant, whatever arrives meanwhile (${seed})`, () => work(seed * 7919, 60), 60_000);
});
