import { CdkTrapFocus } from '@angular/cdk/a11y';
import { CdkConnectedOverlay, CdkOverlayOrigin } from '@angular/cdk/overlay';
import {
  ChangeDetectionStrategy,
  Component,
  booleanAttribute,
  computed,
  inject,
  input,
  linkedSignal,
  model,
  output,
  signal,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { sessionFeature } from '../../state/session';
import { Formats } from '../../state/formats';
import { Calendar } from './calendar';
import { Field } from './field';
import { FieldWords } from './field-words';
import { SayPipe } from '../../state/own-words';

/**
 * A date, typed as one likes and read back with its weekday, or picked from a calendar. What cannot be read stays in
 * the box with a sentence; what was picked or typed goes out as an ISO date.
 */
@Component({
  selector: 'yw-date-field',
  imports: [Calendar, CdkConnectedOverlay, CdkOverlayOrigin, CdkTrapFocus, FieldWords, SayPipe],
  templateUrl: './date-field.html',
  styleUrl: './date-field.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DateField extends Field<string> {
  private readonly formats = inject(Formats);
  private readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  /** An ISO date; empty for none. */
  readonly value = model('');
  protected readonly empty = '';
  /** The last day that may be chosen, an ISO date. */
  readonly max = input<string | null>(null);
  /** Whether it may stay empty, and be emptied again. */
  readonly optional = input(false, { transform: booleanAttribute });
  readonly changed = output<string>();

  private readonly written = computed(() => (this.value() ? this.formats.whole(this.value()) : ''));
  protected readonly text = linkedSignal(() => this.written());
  protected readonly sentence = signal('');
  protected readonly open = signal(false);
  protected readonly at = computed(() => this.value() || this.today());

  /** Reading is loaded while one types. */
  protected prepare(): void {
    void import('./read-date');
  }

  protected async read(typed: string): Promise<void> {
    this.text.set(typed);
    if (typed.trim() === this.written()) return this.refuse('');
    if (typed.trim() === '' && this.optional()) return this.take('');
    const { readDate } = await import('./read-date');
    const date = readDate(typed, this.today(), this.formats.dates());
    if (!date) return this.refuse('Type a date such as 9 Jun, 9/6 or yesterday.');
    this.take(date);
  }

  /** Reads what was typed first; once it is read, Enter sends the form. */
  protected enter(event: Event, typed: string): void {
    if (typed.trim() === this.written()) return;
    event.preventDefault();
    void this.read(typed);
  }

  protected pick(date: string): void {
    this.close();
    this.take(date);
  }

  protected override unread(): string {
    return this.sentence();
  }

  private refuse(sentence: string): void {
    this.sentence.set(sentence);
    this.check();
  }

  private take(date: string): void {
    const max = this.max();
    if (max && date > max) return this.refuse(`Choose a day up to ${this.formats.whole(max)}.`);
    this.refuse('');
    this.text.set(date && this.formats.whole(date));
    if (date === this.value()) return;
    this.give(date);
    this.changed.emit(date);
  }

  protected close(): void {
    if (!this.open()) return;
    this.open.set(false);
    this.focus();
  }
}
