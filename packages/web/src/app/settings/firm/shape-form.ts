import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import type { KnownShape } from '@yellowwood/contracts';
import { PLACES, Place, SIZES, Shape, Size, TRADES, Trade, consequences } from '@yellowwood/core';
import { Api } from '../../api/api';
import { SayPipe } from '../../state/own-words';
import { WAY_WORDS } from '../../state/ways';
import { command } from '../../ui/command';
import { Failure } from '../../ui/failure';
import { ChoiceField } from '../../ui/form/choice-field';
import { SendsForm, fillFor, valuesOf } from '../../ui/form/drafts';
import { ToggleField } from '../../ui/form/toggle-field';
import { FUNCTION_WORDS, PLACE_WORDS, SIZE_WORDS, TRADE_WORDS } from '../../words/functions';

const named = (list: readonly string[]): string =>
  list.length < 2 ? list.join('') : `${list.slice(0, -1).join(', ')} and ${list.at(-1)!}`;

/** Asks where people work, how many they are and what they do, and names what follows from it before it does. */
@Component({
  selector: 'yw-shape-form',
  imports: [ChoiceField, Failure, MatButton, ReactiveFormsModule, SayPipe, SendsForm, ToggleField],
  templateUrl: './shape-form.html',
  styleUrl: './shape-form.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShapeForm {
  private readonly api = inject(Api);
  readonly firm = input.required<string>();
  readonly known = input.required<KnownShape>();
  /** What is chosen where nothing was said yet. */
  readonly suggested = input<Shape>({ place: null, size: null, trade: null });
  readonly button = input('Save');
  /** What is known by now, also where nothing was to be changed. */
  readonly done = output<KnownShape>();
  protected readonly command = command();
  protected readonly places = PLACES.map((value) => ({ value, word: PLACE_WORDS[value] }));
  protected readonly sizes = SIZES.map((value) => ({ value, word: SIZE_WORDS[value] }));
  protected readonly trades = TRADES.map((value) => ({ value, word: TRADE_WORDS[value] }));
  protected readonly form = new FormGroup({
    place: new FormControl('', { nonNullable: true }),
    size: new FormControl('', { nonNullable: true }),
    trade: new FormControl('', { nonNullable: true }),
  });
  private readonly values = valuesOf(this.form);
  private readonly wish = computed((): Shape => {
    const { place, size, trade } = this.values();
    return {
      place: (place || null) as Place | null,
      size: (size || null) as Size | null,
      trade: (trade || null) as Trade | null,
    };
  });
  protected readonly follows = computed(() => this.sentences());

  constructor() {
    fillFor(
      this.form,
      () => this.known().version,
      () => {
        const { place, size, trade } = this.known().shape;
        const other = this.suggested();
        return { place: place ?? other.place ?? '', size: size ?? other.size ?? '', trade: trade ?? other.trade ?? '' };
      },
    );
  }

  private sentences(): string[] {
    const { shape, off, ways: now, services: there } = this.known();
    const { ways, shown, hidden, services } = consequences(shape, this.wish());
    const names = (list: readonly (keyof typeof FUNCTION_WORDS)[]) =>
      named(list.map((one) => FUNCTION_WORDS[one].word.toLowerCase()));
    const sentences: string[] = [];
    if (ways && ways.join() !== now.join()) {
      const words = named(WAY_WORDS.filter(({ value }) => ways.includes(value)).map(({ word }) => word));
      sentences.push(`People record ${words}${ways.includes('length') ? '' : ', so that breaks and gaps show'}.`);
    }
    const comes = shown.filter((one) => off.includes(one));
    const goes = hidden.filter((one) => !off.includes(one));
    if (comes.length > 0) sentences.push(`In sight from now on: ${names(comes)}.`);
    if (goes.length > 0) sentences.push(`Out of sight: ${names(goes)}.`);
    if (goes.includes('review')) sentences.push('What you submit is approved at once, by policy.');
    if (services) {
      const wanted = services.map(({ name }) => name);
      const added = wanted.filter((name) => !there.some((one) => one.name === name));
      if (added.length > 0)
        sentences.push(`Services that are added: ${named(added)}. Those given before go, unless they are used.`);
    }
    return sentences;
  }

  protected async save(): Promise<void> {
    const { shape, version } = this.known();
    const body = this.wish();
    if (JSON.stringify(body) === JSON.stringify(shape)) return this.done.emit(this.known());
    const saved = await this.command.run(() => this.api.call('changeShape', { params: { firm: this.firm() }, body, version }));
    if (saved) this.done.emit(saved);
  }
}
