import { signal } from '@angular/core';

/** One step back. */
export interface Undo {
  /** What it takes back: "1:30 recorded". */
  readonly what: string;
  /** @throws why it cannot be taken back */
  run(): Promise<unknown>;
}

const KEPT = 50;

/** What can be taken back, the last thing first. What is refused stays, and can be tried again. */
export class UndoStack {
  private readonly list = signal<readonly Undo[]>([]);
  readonly all = this.list.asReadonly();
  private readonly orders = new WeakMap<Undo, number>();
  private count = 0;

  /** A number for something that somebody does now, which may be done after what they do next. */
  next(): number {
    this.count += 1;
    return this.count;
  }

  /** @param order when it was asked for */
  push(undo: Undo, order = this.next()): void {
    this.orders.set(undo, order);
    const at = (one: Undo) => this.orders.get(one)!;
    this.list.update((list) => [...list, undo].sort((a, b) => at(a) - at(b)).slice(-KEPT));
  }

  last(): Undo | undefined {
    return this.list().at(-1);
  }

  /** Takes one thing back, wherever it stands; what was taken back already is left. */
  async take(undo: Undo): Promise<void> {
    if (!this.list().includes(undo)) return;
    await undo.run();
    this.list.update((list) => list.filter((one) => one !== undo));
  }
}
