import { Directive, input, model, signal } from '@angular/core';
import { Result } from '@yellowwood/core';
import { Field } from './field';

/**
 * A figure that is typed as one likes and read: what cannot be read stays as it is typed, says so and is worth nothing.
 * What was not typed over keeps its exact value, also where less of it is shown.
 */
@Directive()
export abstract class ReadField extends Field<number | null> {
  readonly value = model<number | null>(null);
  protected readonly empty = null;
  readonly placeholder = input('');
  protected readonly text = signal('');
  /** What it was filled with. */
  protected given: number | null = null;

  /** Reads what somebody has typed, which is not empty. */
  protected abstract read(text: string): Result<number, string>;
  /** How a value is shown. */
  protected abstract write(value: number): string;
  protected abstract readonly unreadable: string;
  /** Which keys a small screen brings up. */
  protected readonly keys: 'decimal' | null = 'decimal';

  protected override unread(): string {
    return this.value() === null && this.text().trim() !== '' ? this.unreadable : '';
  }

  override writeValue(value: number | null): void {
    super.writeValue(value);
    this.given = value;
    this.text.set(value === null ? '' : this.write(value));
  }

  protected type(text: string): void {
    this.text.set(text);
    this.give(this.readOf(text));
  }

  private readOf(text: string): number | null {
    if (text.trim() === '') return null;
    if (this.given !== null && text.trim() === this.write(this.given)) return this.given;
    const read = this.read(text);
    return read.ok ? read.value : null;
  }
}
