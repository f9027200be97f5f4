import { Injectable, Signal, WritableSignal, computed, inject } from '@angular/core';
import type { BillEntry, DraftWish } from '@yellowwood/contracts';
import { Address } from '../state/address';
import { kept } from '../state/kept';

type WriteDown = NonNullable<DraftWish['entries'][number]['writeDown']>;

/**
 * What somebody has chosen on the desk. Up to which day and by what the lines are stands in the address; what is ticked,
 * reduced, reworded and opened by hand outlives a reload, for each scope by itself.
 */
@Injectable()
export class DeskChoices {
  private readonly address = inject(Address);
  private readonly of = (what: string) => () => `desk ${what} ${this.address.scope()}`;
  private readonly ticked: WritableSignal<Readonly<Record<string, boolean>>> = kept(this.of('ticks'), () => ({}));
  private readonly reduced: WritableSignal<Readonly<Record<string, WriteDown>>> = kept(this.of('reductions'), () => ({}));
  private readonly reworded: WritableSignal<Readonly<Record<string, string>>> = kept(this.of('texts'), () => ({}));
  private readonly unfolded: WritableSignal<readonly string[]> = kept(this.of('opened'), () => []);

  readonly grouping: Signal<DraftWish['grouping']> = computed(() => (this.address.by() === 'entry' ? 'entry' : 'task'));
  readonly texts = computed(() => Object.entries(this.reworded()).map(([key, text]) => ({ key, text })));

  /** Whether an entry was ticked or left out by hand; undefined where nobody said. */
  ticks(id: string): boolean | undefined {
    return this.ticked()[id];
  }

  writeDown(id: string): WriteDown | undefined {
    return this.reduced()[id];
  }

  isOpen(key: string): boolean {
    return this.unfolded().includes(key);
  }

  toggle(entries: readonly Pick<BillEntry, 'id'>[], on: boolean): void {
    this.ticked.update((ticks) => ({ ...ticks, ...Object.fromEntries(entries.map(({ id }) => [id, on])) }));
  }

  /** @param reduction null takes it away */
  reduce(id: string, reduction: WriteDown | null): void {
    this.reduced.update(({ [id]: _before, ...rest }) => (reduction ? { ...rest, [id]: reduction } : rest));
  }

  reword(key: string, text: string): void {
    this.reworded.update((texts) => ({ ...texts, [key]: text }));
  }

  turn(key: string): void {
    this.unfolded.update((keys) => (keys.includes(key) ? keys.filter((one) => one !== key) : [...keys, key]));
  }

  groupBy(value: string): void {
    void this.address.set({ by: value === 'task' ? null : value }, true);
  }

  /** Up to which day: it stays in the address. */
  billUpTo(date: string): void {
    void this.address.set({ upto: date }, true);
  }

  beginAnew(): void {
    this.ticked.set({});
    this.reduced.set({});
    this.reworded.set({});
  }

  /** What a draft was made with, for the entries that stand on the desk. */
  takeUp({ entries, grouping, texts }: DraftWish, onDesk: readonly Pick<BillEntry, 'id'>[]): void {
    const wanted = new Set(entries.map(({ id }) => id));
    this.groupBy(grouping);
    this.ticked.set(Object.fromEntries(onDesk.map(({ id }) => [id, wanted.has(id)])));
    this.reduced.set(Object.fromEntries(entries.flatMap(({ id, writeDown }) => (writeDown ? [[id, writeDown]] : []))));
    this.reworded.set(Object.fromEntries(texts.map(({ key, text }) => [key, text])));
  }
}
