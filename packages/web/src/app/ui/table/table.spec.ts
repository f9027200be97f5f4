import { ChangeDetectionStrategy, Component, signal, viewChild } from '@angular/core';
import type { View } from '@yellowwood/contracts';
import { Workbook } from 'exceljs';
import { Store } from '@ngrx/store';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { Refresh } from '../../state/refresh';
import { sessionActions } from '../../state/session';
import { FakeServer, Page, me, open, refusal } from '../../testing/fake-server';
import { CellTemplate } from './cell-template';
import { Column } from './column';
import { Table } from './table';

interface Job {
  readonly id: string;
  readonly name: string;
  readonly town: string;
  readonly on: string | null;
  readonly seconds: number;
  readonly money: { currency: string; minor: number }[] | null;
  readonly under: string | null;
}

const job = (id: string, name: string, names: Partial<Job> = {}): Job => ({
  ...{ id, name, town: 'Ouse', on: null, seconds: 3600, money: null, under: null },
  ...names,
});
const pounds = (minor: number) => [{ currency: 'GBP', minor }];
const JOBS = [
  job('a', 'Pier 10', { seconds: 5400, money: pounds(12_345), on: '2026-06-09' }),
  job('b', 'Pier 9', { town: 'Wold', seconds: 1800, money: pounds(-500), on: '2025-06-09' }),
  job('c', 'quay', { seconds: 7200 }),
];

const COLUMNS: readonly Column<Job>[] = [
  { id: 'name', head: 'Job', kind: 'text', value: (one) => one.name, small: (one) => (one.name === 'Pier 10' ? 'first' : '') },
  { id: 'town', head: 'Town', kind: 'text', value: (one) => one.town, groups: true, choice: 'hidden' },
  {
    ...{ id: 'letters', head: 'Letters', kind: 'text', groups: true, choice: 'hidden' },
    value: (one) => one.name.slice(0, 2),
    values: (one) => (one.id === 'c' ? [] : [...one.name.slice(0, 2)]),
  },
  { id: 'on', head: 'Begun', kind: 'date', value: (one) => one.on, choice: 'shown' },
  { id: 'hours', head: 'Hours', kind: 'hours', value: (one) => one.seconds, total: true, choice: 'shown' },
  { id: 'money', head: 'Value', kind: 'money', value: (one) => one.money, total: true },
  { id: 'do', head: 'Do', kind: 'text', value: () => '', unsorted: true },
];

@Component({
  imports: [Table, CellTemplate],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <yw-table
      name="Jobs: all of them"
      view="jobs"
      [columns]="columns"
      [rows]="rows()"
      [keyOf]="idOf"
      [parent]="tree() ? parentOf : null"
      [things]="['job', 'jobs']"
      empty="No job yet. The first will stand here."
      [chosen]="chosen()"
      [more]="more()"
      opens
      (opened)="opened.push($event.id)"
      (pressedOn)="$event.event.key === 'F8' && $event.event.preventDefault()"
      (moreAsked)="asked()"
    >
      <ng-template ywCell="do" [ywCellOf]="columns" let-row let-current="current">
        <button type="button" [tabindex]="current ? 0 : -1" (click)="done.push(row.id)">Do</button>
      </ng-template>
    </yw-table>
  `,
})
class Host {
  readonly table = viewChild.required<Table<Job>>(Table);
  readonly columns = COLUMNS;
  readonly rows = signal<readonly Job[] | null>(JOBS);
  readonly chosen = signal<string | null>(null);
  readonly more = signal(false);
  readonly tree = signal(false);
  readonly idOf = ({ id }: Job) => id;
  readonly parentOf = ({ under }: Job) => under;
  readonly opened: string[] = [];
  readonly done: string[] = [];
  asked = () => undefined as void;
}

describe('a table', () => {
  let page: Page<Host>;
  let host: Host;

  async function table(view?: View, prepare: (server: FakeServer) => void = () => undefined): Promise<void> {
    page = await open(Host, {
      url: '/f/f/bill',
      roles: ['owner'],
      prepare: (server) => {
        server.on('keepView', () => null);
        prepare(server);
      },
    });
    host = page.fixture.componentInstance;
    if (view) TestBed.inject(Store).dispatch(sessionActions.meRead({ me: { ...me('owner'), views: { jobs: view } } }));
    await page.settle();
  }
  afterEach(() => page.element.remove());

  const heads = () => page.texts('thead th');
  const names = () => page.texts('tbody td:first-child');
  const row = (key: string) => page.element.querySelector<HTMLElement>(`tr[data-key="${key}"]`)!;
  const stops = () => [...page.element.querySelectorAll<HTMLElement>('tbody tr')].map((one) => one.tabIndex);
  const kept = () => page.server.to('keepView').map(({ body }) => body);
  const focused = () => document.activeElement?.closest('tr')?.getAttribute('data-key');
  const show = async (change: () => void) => {
    change();
    await page.settle();
  };
  const AS_IT_COMES: View = { columns: null, sort: null, group: null };

  it('shows the columns that come with it, figures right, and says what its totals total', async () => {
    await table();
    expect(heads()).toEqual(['Job', 'Begun', 'Hours', 'Value, GBP', 'Do']);
    expect(page.texts('tbody tr')).toEqual(
      ['Pier 10first 9 Jun 1:30 123.45 Do', 'Pier 9 9 Jun 2025 0:30 −5.00 Do', 'quay 2:00 Do'].map(
        (text) => jasmine.stringMatching(new RegExp(`^${text.replaceAll(' ', ' ?')}$`)) as unknown as string,
      ),
    );
    expect(page.texts('tfoot td')).toEqual(['Total of 3 jobs', '', '4:00', '118.45', '']);
    const lefts = [...page.element.querySelectorAll('thead th')].map((one) => one.classList.contains('left'));
    expect(lefts).toEqual([true, true, false, false, true]);
    await show(() => host.rows.set([JOBS[0]!]));
    expect(page.text('tfoot td')).toBe('Total of 1 job');
    await show(() => host.more.set(true));
    expect(page.text('tfoot td')).toBe('Total of the first 1 job');
  });

  it('never adds up across currencies, and names them where there are several', async () => {
    await table();
    await show(() => host.rows.set([...JOBS, job('d', 'Mill', { money: [{ currency: 'EUR', minor: 100 }, ...pounds(200)] })]));
    expect(heads()).toContain('Value');
    expect(page.texts('tbody tr:last-child td')[3]).toBe('€1.00£2.00');
    expect(page.texts('tfoot td')[3]).toBe('€1.00£120.45');
  });

  it('shows some of its rows alone, with what these come to, and says of how many', async () => {
    await table();
    const shown = () => page.element.querySelector('.bar [role=status]')?.textContent ?? '';
    const pick = async (label: string, ...values: string[]) => {
      const field = [...page.element.querySelectorAll('yw-some-field')].find(
        (one) => one.querySelector('label')!.textContent!.trim() === label,
      )!;
      field.querySelector<HTMLElement>('.mat-mdc-select-trigger')!.click();
      await page.settle(20);
      for (const value of values) {
        const option = [...document.querySelectorAll<HTMLElement>('mat-option')].find(
          (one) => one.textContent!.trim().split(' (')[0] === value,
        )!;
        option.click();
        await page.settle();
      }
      await page.key(document.activeElement as HTMLElement, 'Escape');
      await page.settle(20);
    };
    expect(page.element.querySelector('yw-table-only')).toBeNull();
    await page.press('Filter');
    await page.settle(20);
    expect(page.texts('yw-table-only label')).toEqual(['Town', 'Letters']);
    await pick('Town', 'Ouse');
    expect([names(), shown()]).toEqual([['Pier 10first', 'quay'], '2 of 3 jobs'] as never);
    expect([page.text('tfoot td'), page.texts('tfoot td')[2]]).toEqual(['Total of 2 of 3 jobs', '3:30']);
    // One of several that stand in a cell; every column in which something is chosen must hold.
    await pick('Letters', 'P');
    expect(names()).toEqual(['Pier 10first']);
    await pick('Letters', 'P', 'none');
    expect(names()).toEqual(['quay']);
    // It stands in the address, and what is of another table is not this one's.
    const router = TestBed.inject(Router);
    expect(router.parseUrl(router.url).queryParams['only']).toBe('jobs;town=Ouse;letters=');
    await router.navigateByUrl('/f/f/bill?only=jobs;town=Wold;hours=9;x');
    await page.settle(20);
    expect(names()).toEqual(['Pier 9']);
    await show(() => host.rows.set([JOBS[0]!]));
    expect([page.texts('tbody tr'), page.texts('tfoot tr')[0]]).toEqual([['None of them is like that.'], ''] as never);
    expect(page.text('yw-table-only mat-select')).toBe('Wold (0)');
    await page.press('Show all');
    await page.settle(20);
    expect(document.activeElement).toBe(page.element.querySelector('yw-table-only mat-select'));
    expect([names(), shown()]).toEqual([['Pier 10first'], ''] as never);
    await router.navigateByUrl('/f/f/bill?only=other;town=Wold');
    await page.settle(20);
    expect(names()).toEqual(['Pier 10first']);
    await router.navigateByUrl('/f/f/bill?only=jobs;town=%25E0%25A4');
    await page.settle(20);
    expect(page.texts('tbody tr')).toEqual(['None of them is like that.']);
  });

  it('shows the shape of what comes, says when there is nothing, and has no totals then', async () => {
    await table();
    await show(() => host.rows.set(null));
    expect([page.text('tbody'), page.element.querySelector('table')!.getAttribute('aria-busy')]).toEqual(['Loading', 'true']);
    expect(heads()[0]).toBe('Job');
    await show(() => host.rows.set([]));
    expect(page.text('tbody')).toBe('No job yet. The first will stand here.');
    expect(page.element.querySelector<HTMLElement>('tfoot tr')!.hidden).toBeTrue();
  });

  it('is sorted up, down and as it comes; what is empty stands last both ways; it is kept', async () => {
    await table();
    await page.press('Begun');
    expect(names()).toEqual(['Pier 9', 'Pier 10first', 'quay']);
    expect(page.element.querySelectorAll('th')[1]!.getAttribute('aria-sort')).toBe('ascending');
    await page.press(/^Begun/);
    expect(names()).toEqual(['Pier 10first', 'Pier 9', 'quay']);
    await page.press(/^Begun/);
    expect(names()).toEqual(['Pier 10first', 'Pier 9', 'quay']);
    expect(page.element.querySelector('[aria-sort]')).toBeNull();
    expect(kept().map(({ sort }) => sort)).toEqual([{ column: 'on', order: 'up' }, { column: 'on', order: 'down' }, null]);
    // Words by their numbers, whatever their case.
    await page.press('Job');
    expect(names()).toEqual(['Pier 9', 'Pier 10first', 'quay']);
  });

  it('sorts a tree among those beside each other', async () => {
    await table({ ...AS_IT_COMES, sort: { column: 'name', order: 'down' } });
    await show(() => {
      host.tree.set(true);
      host.rows.set([job('a', 'Alder'), job('b', 'Birch'), job('a1', 'Ash', { under: 'a' }), job('a2', 'Aspen', { under: 'a' })]);
    });
    expect(names()).toEqual(['Birch', 'Alder', 'Aspen', 'Ash']);
  });

  it('has the columns that its reader chose, and keeps the choice', async () => {
    await table();
    await page.press('Columns and files');
    const items = () => [...document.querySelectorAll<HTMLElement>('[mat-menu-item]')];
    const item = (text: string) => items().find((one) => one.textContent!.trim().endsWith(text))!;
    expect(items().map((one) => one.getAttribute('aria-checked'))).toEqual([
      ...['false', 'false', 'true', 'true'],
      ...['true', 'false', 'false'],
      ...[null, null, null],
    ]);
    item('Town').click();
    await page.settle();
    item('Begun').click();
    await page.settle();
    expect(heads()).toEqual(['Job', 'Town', 'Hours', 'Value, GBP', 'Do']);
    expect(kept().at(-1)).toEqual({ columns: ['town', 'hours'], sort: null, group: null });
    item('By town').click();
    await page.settle(100);
    expect(kept().at(-1)!.group).toBe('town');
    expect(page.texts('tbody tr.group')).toEqual(
      ['Ouse2 3:30 123.45', 'Wold1 0:30 −5.00'].map(
        (text) => jasmine.stringMatching(new RegExp(text.replace(/ /g, '\\s*'))) as unknown as string,
      ),
    );
    expect(names()).toEqual(['Ouse2', 'Pier 10first', 'quay', 'Wold1', 'Pier 9']);
  });

  it('tells when a choice could not be kept, and goes on showing it', async () => {
    await table(undefined, (server) => server.on('keepView', () => refusal(503, 'unavailable', 'Try again.')));
    await page.press('Columns and files');
    [...document.querySelectorAll<HTMLElement>('[mat-menu-item]')].find((one) => one.textContent!.includes('By town'))!.click();
    await page.settle(100);
    expect(page.notice()).toContain('Try again.');
    expect(page.element.querySelectorAll('tr.group').length).toBe(2);
  });

  it('is sorted at once and keeps one choice after the other, whatever the server does; nothing is read again for it', async () => {
    await table();
    const again = spyOn(TestBed.inject(Refresh), 'written');
    page.server.onTheWay = () => new Promise((resolve) => setTimeout(resolve, 60));
    page.button('Job').click();
    page.button('Hours').click();
    await page.settle();
    expect(names()).toEqual(['Pier 9', 'Pier 10first', 'quay']);
    expect(page.element.querySelector('[aria-sort]')!.textContent).toContain('Hours');
    await page.settle(400);
    expect(kept().map(({ sort }) => sort!.column)).toEqual(['name', 'hours']);
    expect(again).not.toHaveBeenCalled();
    page.server.on('keepView', () => refusal(503, 'unavailable', 'Try again.'));
    await page.press('Begun');
    await page.settle(300);
    expect(page.notice()).toContain('Try again.');
    expect(page.element.querySelector('[aria-sort]')!.textContent).toContain('Begun');
  });

  it('is one stop of Tab, with arrows inside; the stop stays with its row', async () => {
    await table();
    expect(stops()).toEqual([0, -1, -1]);
    row('a').focus();
    await page.key(row('a'), 'ArrowDown');
    expect(focused()).toBe('b');
    await page.key(row('b'), 'End');
    expect(focused()).toBe('c');
    await page.key(row('c'), 'ArrowDown');
    expect(focused()).toBe('c');
    await page.key(row('c'), 'Home');
    await page.key(row('a'), 'PageDown');
    expect(stops()).toEqual([-1, -1, 0]);
    expect([...page.element.querySelectorAll<HTMLElement>('tbody button')].map((one) => one.tabIndex)).toEqual([-1, -1, 0]);
    await page.key(row('c'), 'PageUp');
    await page.key(row('a'), 'ArrowDown');
    await show(() => host.rows.set([job('x', 'New'), ...JOBS]));
    expect([stops(), focused()]).toEqual([[-1, -1, 0, -1], 'b']);
    // Where it is gone, what took its place.
    await show(() => host.rows.set([JOBS[0]!, JOBS[2]!]));
    expect(stops()).toEqual([-1, 0]);
    await show(() => host.chosen.set('a'));
    expect(stops()).toEqual([0, -1]);
    expect(row('a').getAttribute('aria-current')).toBe('true');
  });

  it('leads up to its heads and back, and sorts from there', async () => {
    await table();
    row('a').focus();
    await page.key(row('a'), 'ArrowUp');
    expect(document.activeElement!.textContent!.trim()).toBe('Job');
    await page.key(document.activeElement!, 'ArrowRight');
    expect(document.activeElement!.textContent!.trim()).toBe('Begun');
    // Letters lead on to the next head that begins with them, and round.
    await page.key(document.activeElement!, 'j');
    expect(document.activeElement!.textContent!.trim()).toBe('Job');
    await page.key(document.activeElement!, 'b', { ctrlKey: true });
    expect(document.activeElement!.textContent!.trim()).toBe('Job');
    await page.key(document.activeElement!, 'B');
    expect(document.activeElement!.textContent!.trim()).toBe('Begun');
    await page.key(document.activeElement!, 'ArrowLeft');
    await page.key(document.activeElement!, 'ArrowDown');
    expect(focused()).toBe('a');
    expect(page.element.querySelectorAll('th button[tabindex="-1"]').length).toBe(4);
  });

  it('opens a row by Enter or a press, not by what stands in it; keys may be taken before it', async () => {
    await table();
    await page.key(row('b'), 'Enter');
    row('c').click();
    row('a').querySelector('button')!.click();
    await page.key(row('a').querySelector('button')!, 'Enter');
    await page.key(row('a'), 'F8');
    expect([host.opened, host.done]).toEqual([['b', 'c'], ['a']]);
    // With a modifier it is somebody else's.
    await page.key(row('b'), 'Enter', { ctrlKey: true });
    expect(host.opened).toEqual(['b', 'c']);
  });

  it('goes on where more was asked for', async () => {
    await table();
    await show(() => host.more.set(true));
    expect(page.text('.more')).toBe('These are the first 3.Show more');
    host.asked = () => {
      host.rows.set([...JOBS, job('d', 'Mill')]);
      host.more.set(false);
    };
    await page.press('Show more');
    expect(focused()).toBe('d');
  });

  it('draws of very many only what is in sight, and brings a row into sight to give it the focus', async () => {
    await table();
    await show(() => host.rows.set(Array.from({ length: 5000 }, (_, index) => job(`j${index}`, `Job ${index}`))));
    await page.settle(150);
    const drawn = () => page.element.querySelectorAll('tbody tr').length;
    expect(drawn()).toBeGreaterThan(5);
    expect(drawn()).toBeLessThan(120);
    expect(page.texts('tfoot td')[0]).toBe('Total of 5000 jobs');
    row('j0').focus();
    await page.key(row('j0'), 'End');
    await page.settle(400);
    expect(focused()).toBe('j4999');
    expect(drawn()).toBeLessThan(120);
    // Scrolled away, its row is not brought back: what scrolls takes the stop, and arrows lead back.
    const scroller = page.element.querySelector<HTMLElement>('.many')!;
    expect(scroller.tabIndex).toBe(-1);
    scroller.scrollTop = 0;
    await page.settle(400);
    expect([scroller.scrollTop, scroller.tabIndex]).toEqual([0, 0]);
    scroller.focus();
    await page.key(scroller, 'ArrowDown');
    await page.settle(400);
    expect(focused()).toBe('j4999');
  });

  describe('taken away', () => {
    function saved(): Promise<{ name: string; blob: Blob }> {
      let made: Blob;
      spyOn(URL, 'createObjectURL').and.callFake((blob) => {
        made = blob as Blob;
        return 'blob:made';
      });
      return new Promise((resolve) => {
        spyOn(HTMLAnchorElement.prototype, 'click').and.callFake(function (this: HTMLAnchorElement) {
          resolve({ name: this.download, blob: made });
        });
      });
    }
    async function take(how: string): Promise<void> {
      await page.press('Columns and files');
      [...document.querySelectorAll<HTMLElement>('[mat-menu-item]')].find((one) => one.textContent!.trim() === how)!.click();
    }

    it('is exactly what is shown: columns, order, groups, totals; one column a currency', async () => {
      await table({ columns: ['hours'], sort: { column: 'hours', order: 'down' }, group: 'town' });
      await show(() =>
        host.rows.set([
          job('a', 'Pier, "east"', { seconds: 5400, money: [{ currency: 'EUR', minor: 100 }, ...pounds(-123_456)] }),
          job('b', '=1+1', { town: 'Wold', seconds: 1800 }),
          job('c', '-5', { seconds: 7200, money: pounds(500) }),
        ]),
      );
      const file = saved();
      await take('Save as CSV');
      const { name, blob } = await file;
      expect(name).toBe('jobs-all-of-them-2026-06-10.csv');
      const bytes = new Uint8Array(await blob.arrayBuffer());
      expect([...bytes.slice(0, 3)]).toEqual([0xef, 0xbb, 0xbf]);
      expect(new TextDecoder().decode(bytes).replace('\uFEFF', '').split('\r\n')).toEqual([
        'Job,Hours,"Value, EUR","Value, GBP",Do',
        '"Ouse, 2",3:30,1.00,-1229.56,',
        // What a spreadsheet would run is a text (OWASP on CSV injection).
        "'-5,2:00,,5.00,",
        '"Pier, ""east""",1:30,1.00,-1234.56,',
        '"Wold, 1",0:30,,,',
        "'=1+1,0:30,,,",
        'Total of 3 jobs,4:00,1.00,-1229.56,',
        '',
      ]);
    });

    it('is a workbook with numbers as numbers and text as text, written beside the page', async () => {
      await table();
      await show(() => host.rows.set([job('b', '=1+1', { seconds: 1800, money: pounds(12_345) })]));
      const file = saved();
      await take('Save as XLSX');
      const { name, blob } = await file;
      expect(name).toBe('jobs-all-of-them-2026-06-10.xlsx');
      // Read back by the library's own reader.
      const book = new Workbook();
      await book.xlsx.load(await blob.arrayBuffer());
      const sheet = book.worksheets[0]!;
      expect([1, 2, 3].map((line) => (sheet.getRow(line).values as unknown[]).slice(1))).toEqual([
        ['Job', 'Begun', 'Hours', 'Value, GBP', 'Do'],
        // Half an hour on the first day of spreadsheets.
        ['=1+1', '', new Date('1899-12-30T00:30:00Z'), 123.45, ''],
        ['Total of 1 job', '', new Date('1899-12-30T00:30:00Z'), 123.45, ''],
      ]);
      expect([sheet.getCell('C2').numFmt, sheet.getCell('D2').numFmt]).toEqual(['[h]:mm', '#,##0.00']);
      expect(sheet.getCell('A2').type).toBe(3);
    }, 20_000);

    it('is printed alone, all of its rows', async () => {
      await table();
      await show(() => host.rows.set(Array.from({ length: 300 }, (_, index) => job(`j${index}`, `Job ${index}`))));
      let paper = '';
      let rows = 0;
      spyOn(window, 'print').and.callFake(() => {
        paper = document.querySelector('.print-sheet')!.textContent!;
        rows = document.querySelectorAll('.print-sheet tbody tr').length;
      });
      await take('Print');
      await page.settle();
      expect(rows).toBe(301);
      expect(paper).toContain('Jobs: all of them');
      expect(paper).toContain('Total of 300 jobs');
      expect([document.querySelector('.print-sheet'), document.body.classList.contains('printing')]).toEqual([null, false]);
    });
  });
});
