import { Directive, ElementRef, Signal, computed, effect, inject, input, model, output, signal, viewChild } from '@angular/core';
import { MatAutocompleteSelectedEvent, MatAutocompleteTrigger } from '@angular/material/autocomplete';
import { plainText, wordsOf } from '@yellowwood/core';
import { Field } from './field';

/** One of the things that a field finds. */
export interface Findable<T> {
  /** What it is told apart by. */
  readonly key: string;
  readonly name: string;
  /** What it belongs to. */
  readonly context: string;
  /** How the field shows it once it is chosen. */
  readonly shown: string;
  /** The words that find it. */
  readonly words: string;
  readonly value: T;
}

/** How many are listed at once; more letters find the rest. */
const LISTED = 40;

/** Finds one of very many things by any part of any of its words, in any order, with or without accents. */
@Directive()
export abstract class FindField<T> extends Field<T | null> {
  readonly value = model<T | null>(null);
  protected readonly empty = null;
  readonly placeholder = input('');
  readonly picked = output<T>();
  protected readonly typed = signal<string | null>(null);
  /** What Enter was pressed for, and is not known yet. */
  private awaited: string | null = null;
  private readonly trigger = viewChild.required(MatAutocompleteTrigger);

  /** All that can be found, in the order in which it is listed. */
  protected abstract readonly all: Signal<readonly Findable<T>[]>;
  /** What is said where nothing is found. */
  protected abstract readonly nothing: string;
  protected abstract keyOf(value: T): string;

  /** How the field shows what is chosen. */
  protected shownOf(value: T): string {
    return this.all().find(({ key }) => key === this.keyOf(value))?.shown ?? '';
  }

  /** What is found of what was typed, once all of it is known. */
  protected foundOf(_typed: string): Promise<readonly Findable<T>[]> {
    return Promise.resolve(this.found());
  }

  private readonly words = computed(() => this.all().map((one) => ({ one, text: plainText(one.words) })));
  /** What of all has the words that are typed. */
  protected readonly foundHere = computed((): readonly Findable<T>[] => {
    const typed = wordsOf(this.typed() ?? '');
    return this.words()
      .filter(({ text }) => typed.every((word) => text.includes(word)))
      .slice(0, LISTED)
      .map(({ one }) => one);
  });
  /** What is listed. */
  protected readonly found: Signal<readonly Findable<T>[]> = this.foundHere;
  /** Whether nothing can be said yet of what is typed. */
  protected readonly busy: Signal<boolean> = signal(false);
  protected readonly shown = computed(() => {
    const value = this.value();
    return value === null ? '' : this.shownOf(value);
  });

  constructor() {
    super();
    effect(() => (this.box()!.nativeElement.value = this.shown()));
    inject<ElementRef<HTMLElement>>(ElementRef).nativeElement.addEventListener('keydown', (event) => this.enter(event), true);
  }

  /** What may be made of what was typed, in words; empty where nothing may. */
  protected readonly offer = computed(() => {
    const typed = (this.typed() ?? '').trim();
    return typed === '' || this.busy() ? '' : this.offers(typed, this.found());
  });

  /** What may be made of something typed of which this is found. */
  protected offers(_typed: string, _found: readonly Findable<T>[]): string {
    return '';
  }

  /** Makes it, of what was typed. */
  protected make(_typed: string): void {}

  protected readonly display = (one: Findable<T> | null): string => one?.shown ?? '';

  protected pick(event: MatAutocompleteSelectedEvent): void {
    const chosen = event.option.value as Findable<T> | null;
    const typed = (this.typed() ?? '').trim();
    this.typed.set(null);
    if (chosen) this.take(chosen.value);
    else this.make(typed);
  }

  /**
   * Whoever types and presses Enter faster than the list is drawn means its first line all the same, or the one that they
   * went to. The list takes Enter only while it is open and stands still, and what it marks may be of the letters before:
   * so it is asked first, and finds its list closed.
   */
  private enter(event: KeyboardEvent): void {
    const typed = (this.typed() ?? '').trim();
    if (event.key !== 'Enter' || event.ctrlKey || event.metaKey || event.altKey || typed === '') return;
    const trigger = this.trigger();
    const marked = trigger.panelOpen ? (trigger.activeOption?.value as Findable<T> | null | undefined) : undefined;
    if (this.busy()) {
      // The list would take it for what it shows of the letters before.
      event.preventDefault();
      event.stopPropagation();
      void this.chooseOnce(typed, marked);
    } else if (this.choose(typed, this.found(), marked)) event.preventDefault();
  }

  /** Chooses of what is still looked for; pressed once more meanwhile, it is the same wish. */
  private async chooseOnce(typed: string, marked: Findable<T> | null | undefined): Promise<void> {
    if (this.awaited === typed) return;
    this.awaited = typed;
    const found = await this.foundOf(typed);
    this.awaited = null;
    this.choose(typed, found, marked);
  }

  private choose(typed: string, found: readonly Findable<T>[], marked: Findable<T> | null | undefined): boolean {
    const makes = this.offers(typed, found) !== '' && (marked === null || found.length === 0);
    const chosen = found.find(({ key }) => key === marked?.key) ?? found[0];
    if (!makes && !chosen) return false;
    this.trigger().closePanel();
    this.typed.set(null);
    if (makes) this.make(typed);
    else this.take(chosen!.value);
    return true;
  }

  protected take(value: T): void {
    this.give(value);
    this.picked.emit(value);
  }

  /** What was typed and not chosen is no choice: the field shows again what is. */
  protected restore(): void {
    this.typed.set(null);
    this.box()!.nativeElement.value = this.shown();
  }

  /**
   * While the list is open, one may be on the way to a choice in it: what has the focus then is no stop of Tab. Its
   * closing restores.
   * @param to what has the focus now
   */
  protected left(to: EventTarget | null): void {
    this.leave();
    if (to instanceof HTMLElement && to.tabIndex >= 0) this.trigger().closePanel();
    if (!this.trigger().panelOpen) this.restore();
  }

  protected close(): void {
    this.trigger().closePanel();
  }

  /** Goes on with what was typed before the field was there. */
  begin(text: string, entered: boolean): void {
    const box = this.box()!.nativeElement;
    box.focus();
    if (text === '') return;
    box.value = text;
    box.dispatchEvent(new Event('input', { bubbles: true }));
    if (entered) box.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }));
  }

  clear(): void {
    this.value.set(null);
    this.restore();
  }
}
