import { CdkTrapFocus } from '@angular/cdk/a11y';
import { CdkConnectedOverlay, CdkOverlayOrigin } from '@angular/cdk/overlay';
import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  booleanAttribute,
  computed,
  inject,
  input,
  linkedSignal,
  output,
  signal,
  viewChild,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { sessionFeature } from '../../state/session';
import { Formats } from '../../state/formats';
import { Calendar } from './calendar';

let count = 0;

/**
 * A date, typed as one likes and read back with its weekday, or picked from a calendar. What cannot be read stays in
 * the box with a sentence; what was picked or typed goes out as an ISO date.
 */
@Component({
  selector: 'yw-date-field',
  imports: [Calendar, CdkConnectedOverlay, CdkOverlayOrigin, CdkTrapFocus],
  templateUrl: './date-field.html',
  styleUrl: './date-field.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DateField {
  private readonly formats = inject(Formats);
  private readonly today = inject(Store).selectSignal(sessionFeature.selectToday);
  private readonly box = viewChild.required<ElementRef<HTMLInputElement>>('box');
  protected readonly id = `date-${(count += 1)}`;
  /** An ISO date; empty for none. */
  readonly value = input.required<string>();
  readonly label = input.required<string>();
  /** Whether the label is for those alone who do not see the field. */
  readonly bare = input(false, { transform: booleanAttribute });
  /** The last day that may be chosen, an ISO date. */
  readonly max = input<string | null>(null);
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
    if (typed.trim() === this.written()) return this.sentence.set('');
    const { readDate } = await import('./read-date');
    const date = readDate(typed, this.today(), this.formats.dates());
    if (!date) return this.sentence.set('Type a date such as 9 Jun, 9/6 or yesterday.');
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

  private take(date: string): void {
    const max = this.max();
    if (max && date > max) return this.sentence.set(`Choose a day up to ${this.formats.whole(max)}.`);
    this.sentence.set('');
    this.text.set(this.formats.whole(date));
    if (date !== this.value()) this.changed.emit(date);
  }

  protected close(): void {
    if (!this.open()) return;
    this.open.set(false);
    this.box().nativeElement.focus();
  }
}
