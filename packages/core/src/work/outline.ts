import { Seconds } from '../firm/units';
import { readDuration } from '../firm/duration';

/** A line of an indented list: a thing, and how deep it lies below the others. */
export interface OutlineLine {
  /** Where it stands in the text, from 1. */
  readonly line: number;
  readonly name: string;
  /** 0 for what lies below nothing. */
  readonly depth: number;
  /** The time that it is thought to take; null where none was said. */
  readonly estimate: Seconds | null;
}

/** The longest that a name may be, in characters. */
export const LONGEST_WORK_NAME = 200;
/** The most lines that are laid down at once. */
export const MOST_LINES = 1000;
/** How deep a list may go, from 0. */
export const DEEPEST = 9;

/** What marks the lines of lists as people write them: `- `, `* `, `• `, `1. `, `2.1) `. */
const MARK = /^(?:[-*•–—]|\d+(?:\.\d+)*[.)])(?:\s+|$)/u;
/** A time at the end: one that has a colon, or hours that say so. A figure alone is part of the name, as in `Phase 2`. */
const TIME_AT_END = /^(.*\S)\s+(\d+:[0-5]\d|\d+(?:[.,]\d+)?\s?h)$/u;
const TAB = 4;

/** How far in a line begins: a tab leads to the next fourth place. */
function indentOf(text: string): number {
  let at = 0;
  for (const sign of text) {
    if (sign === '\t') at += TAB - (at % TAB);
    else if (/\s/u.test(sign)) at += 1;
    else break;
  }
  return at;
}

/** The name in a line, and the time after it: beside it, or in a cell of its own as a table of figures gives it. */
function nameAndTime(text: string): Pick<OutlineLine, 'name' | 'estimate'> {
  const cells = text
    .trim()
    .split('\t')
    .map((cell) => cell.trim())
    .filter(Boolean);
  const last = readDuration(cells.at(-1)!);
  if (cells.length > 1 && last.ok) return { name: nameOf(cells.slice(0, -1).join(' ')), estimate: last.value };
  const whole = cells.join(' ');
  const [, before, time] = TIME_AT_END.exec(whole) ?? [];
  const read = time === undefined ? null : readDuration(time);
  return read?.ok ? { name: nameOf(before!), estimate: read.value } : { name: nameOf(whole), estimate: null };
}

const nameOf = (text: string): string => text.replace(MARK, '').replace(/\s+/gu, ' ').trim();

/**
 * Reads an indented list, whatever it is indented with: what begins further in than the line before it lies below that, and
 * what begins less far in lies beside the last that began no further in (the off-side rule, common practice). Empty lines and
 * the marks of lists count for nothing.
 */
export function readOutline(text: string): OutlineLine[] {
  const open: number[] = [];
  return text.split(/\r\n|\r|\n/u).flatMap((raw, index) => {
    if (raw.trim() === '') return [];
    const read = nameAndTime(raw);
    if (read.name === '') return [];
    const indent = indentOf(raw);
    while (open.length > 0 && open.at(-1)! >= indent) open.pop();
    return [{ line: index + 1, depth: open.push(indent) - 1, ...read }];
  });
}

/** The place of what each line lies below, among the lines; null for what lies below nothing. */
export function parentsOf(lines: readonly Pick<OutlineLine, 'depth'>[]): (number | null)[] {
  const last: number[] = [];
  return lines.map(({ depth }, index) => {
    last.length = Math.min(last.length, depth);
    const parent = last.at(-1) ?? null;
    last.push(index);
    return parent;
  });
}
