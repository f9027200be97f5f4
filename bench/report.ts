// Puts the figures of all firms into a table and into bench/results.json. Arguments: commit, files of figures.
import { readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import type { FirmFigures } from './measure';
import type { PageFigures } from './page';
import type { Measured } from './requests';
import { quantile } from './timing';

interface Row {
  readonly measure: string;
  readonly entries: number;
  readonly p50Ratio: number;
  readonly p95Ratio: number;
  /** Null where the ratio is told without a goal. */
  readonly goal: number | null;
  /** Where it may not be faster either. */
  readonly least?: number;
  readonly bound: string;
}

const LIMIT_OF_SCRIPT = 250_000;
const FRAME = 1000 / 60;

const difference = (times: Measured['times'], share: number) => quantile(times.endpoint, share) - quantile(times.empty, share);
const round = (ratio: number) => Math.round(ratio * 100) / 100;

function rowsOf(entries: number, measured: readonly Measured[], first: readonly Measured[], smallest: number): Row[] {
  return measured.flatMap((one) => {
    const { times } = one;
    const rows: Row[] = [
      {
        measure: one.measure,
        entries,
        p50Ratio: round(difference(times, 0.5) / quantile(times.bound, 0.5)),
        p95Ratio: round(difference(times, 0.95) / quantile(times.bound, 0.95)),
        goal: one.within ?? 1.5,
        ...(one.within && { least: 1 / one.within }),
        bound: one.bound,
      },
    ];
    if (times.barest)
      rows.push({
        measure: `${one.measure}, barest`,
        entries,
        p50Ratio: round(difference(times, 0.5) / quantile(times.barest, 0.5)),
        p95Ratio: round(difference(times, 0.95) / quantile(times.barest, 0.95)),
        goal: null,
        bound: 'one prepared INSERT of the entry in a transaction',
      });
    const small = first.find((other) => other.measure === one.measure);
    if (small && small !== one)
      rows.push({
        measure: `${one.measure}, growth`,
        entries,
        p50Ratio: round(quantile(times.endpoint, 0.5) / quantile(small.times.endpoint, 0.5)),
        p95Ratio: round(quantile(times.endpoint, 0.95) / quantile(small.times.endpoint, 0.95)),
        goal: 2,
        bound: `the same request in the firm of ${smallest.toLocaleString('en')} entries`,
      });
    return rows;
  });
}

function pageRows(entries: number, page: PageFigures): Row[] {
  const whole = (ratio: number) => ({ p50Ratio: round(ratio), p95Ratio: round(ratio) });
  return [
    {
      measure: 'sign-in to usable page, script',
      entries,
      ...whole(page.scriptBytes / LIMIT_OF_SCRIPT),
      goal: 1,
      bound: `250 kB of script as sent (Brotli); it is ${Math.round(page.scriptBytes / 1000)} kB in ${page.requests} requests of all kinds`,
    },
    {
      measure: 'key in the grid to paint, frames',
      entries,
      p50Ratio: quantile(page.frames, 0.5),
      p95Ratio: quantile(page.frames, 0.95),
      goal: 1,
      bound: 'the first frame after the key',
    },
    {
      measure: 'key in the grid to paint, time',
      entries,
      p50Ratio: round(Math.max(0, quantile(page.keyTimes, 0.5) - quantile(page.bareTimes, 0.5)) / FRAME),
      p95Ratio: round(Math.max(0, quantile(page.keyTimes, 0.95) - quantile(page.bareTimes, 0.95)) / FRAME),
      goal: 1,
      bound: 'one frame of a sixtieth of a second, beyond what a page with a single box needs',
    },
    {
      measure: 'list of 5,000 rows to its first row',
      entries,
      p50Ratio: round(quantile(page.firstRowTimes, 0.5) / quantile(page.fewRowTimes, 0.5)),
      p95Ratio: round(quantile(page.firstRowTimes, 0.95) / quantile(page.fewRowTimes, 0.95)),
      goal: 2,
      bound: 'the same list of fifty rows, from its answer on',
    },
    {
      measure: 'list of 5,000 rows, step of scrolling',
      entries,
      p50Ratio: round(Math.max(0, quantile(page.scrollTimes, 0.5) - quantile(page.bareScrollTimes, 0.5)) / FRAME),
      p95Ratio: round(Math.max(0, quantile(page.scrollTimes, 0.95) - quantile(page.bareScrollTimes, 0.95)) / FRAME),
      goal: 1,
      bound: 'one frame of a sixtieth of a second, beyond what a page of nothing but height needs',
    },
  ];
}

/** Whether a row is over its goal; what must not tell anything apart is judged at the median, and downwards too. */
function missed({ goal, least, p50Ratio, p95Ratio }: Row): boolean {
  if (goal === null) return false;
  return least === undefined ? p50Ratio > goal || p95Ratio > goal : p50Ratio > goal || p50Ratio < least;
}

function table(rows: readonly Row[]): string {
  const cells = rows.map((row) => [
    row.measure,
    row.entries.toLocaleString('en'),
    row.p50Ratio.toFixed(2),
    row.p95Ratio.toFixed(2),
    row.goal === null ? '' : row.goal.toFixed(1),
    missed(row) ? 'over' : '',
  ]);
  const head = ['measure', 'entries', 'p50', 'p95', 'goal', ''];
  const widths = head.map((title, column) => Math.max(title.length, ...cells.map((cell) => cell[column]!.length)));
  const line = (cell: readonly string[]) =>
    cell.map((text, column) => (column === 0 ? text.padEnd(widths[column]!) : text.padStart(widths[column]!))).join('  ');
  return [line(head), ...cells.map(line)].join('\n');
}

const [commit, ...files] = process.argv.slice(2);
const firms = files.map((file) => JSON.parse(readFileSync(file, 'utf8')) as FirmFigures);
const smallest = firms[0]!;
const rows = firms.flatMap((firm) => [
  ...rowsOf(firm.entries, firm.measured, smallest.measured, smallest.entries),
  ...(firm.page ? pageRows(firm.entries, firm.page) : []),
]);
const results = { commit, at: new Date().toISOString(), rows };
writeFileSync(path.join(import.meta.dirname, 'results.json'), `${JSON.stringify(results, null, 1)}\n`);
const inMilliseconds = firms.flatMap((firm) =>
  firm.measured.map(
    ({ measure, times }) =>
      `  ${firm.entries.toLocaleString('en').padStart(9)}  ${measure}: ${round(quantile(times.endpoint, 0.5))}, bound ${round(quantile(times.bound, 0.5))}, empty ${round(quantile(times.empty, 0.5))}`,
  ),
);
process.stdout.write(`${table(rows)}\n\nMilliseconds at the median, on this machine:\n${inMilliseconds.join('\n')}\n`);
