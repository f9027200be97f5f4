import { AfterContentInit, DestroyRef, Directive, ElementRef, ModelSignal, booleanAttribute, computed } from '@angular/core';
import { inject, input, signal, viewChild } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { AbstractControl, ControlValueAccessor, NgControl, ValidationErrors, ValidatorFn } from '@angular/forms';
import { readHandle } from '@yellowwood/core';
import { startWith } from 'rxjs';

/** What a validator finds wrong, as a sentence that says what to do. */
export function says(sentence: string): ValidationErrors {
  return { says: sentence };
}

/** Refuses a field that is left empty, or a draft of blanks. */
export function needed(sentence: string): ValidatorFn {
  return ({ value }) => (value === null || String(value).trim() === '' ? says(sentence) : null);
}

let count = 0;

/**
 * What every field has: its label, a hint, what is wrong with it at its place, and a value. It stands in a reactive form
 * by `formControlName`, or alone by `[value]` where the value is kept elsewhere, such as in the address.
 */
@Directive()
export abstract class Field<T> implements ControlValueAccessor, AfterContentInit {
  private readonly own = inject(NgControl, { self: true, optional: true });
  private readonly until = inject(DestroyRef);
  protected readonly box = viewChild<ElementRef<HTMLInputElement | HTMLTextAreaElement>>('box');
  protected readonly id = `field-${(count += 1)}`;
  readonly label = input.required<string>();
  /** Whether the label is for those alone who do not see the field. */
  readonly bare = input(false, { transform: booleanAttribute });
  /** What it was read as, or what will happen. */
  readonly hint = input('');
  abstract readonly value: ModelSignal<T>;
  protected abstract readonly empty: T;
  /** What is wrong, once one has been here or has tried to send the form. */
  protected readonly wrong = signal('');
  protected readonly describedBy = computed(
    () => [this.hintShown() ? `${this.id}-hint` : '', this.wrong() ? `${this.id}-wrong` : ''].filter(Boolean).join(' ') || null,
  );
  private toForm: (value: T) => void = () => undefined;
  private toTouched: () => void = () => undefined;

  constructor() {
    if (this.own) this.own.valueAccessor = this;
  }

  /** The control is known only now: its directive comes after the field on the same element. */
  ngAfterContentInit(): void {
    const control = this.own?.control;
    if (!control) return;
    const unread = () => (this.unread() ? says(this.unread()) : null);
    control.addValidators(unread);
    this.until.onDestroy(() => {
      control.removeValidators(unread);
      control.updateValueAndValidity({ emitEvent: false });
    });
    control.events
      .pipe(startWith(null), takeUntilDestroyed(this.until))
      .subscribe(() => this.wrong.set(control.touched ? sentenceOf(control) : ''));
  }

  /** Has its control look again at whether it can be read. */
  protected check(): void {
    this.own?.control?.updateValueAndValidity();
  }

  /** A sentence where what is typed cannot be read; the value is none then. */
  protected unread(): string {
    return '';
  }

  protected hintShown(): string {
    return this.hint();
  }

  /** A person has given a value. */
  protected give(value: T): void {
    this.value.set(value);
    this.toForm(value);
  }

  /** A person has gone on; somebody who has typed nothing yet is told nothing. */
  protected leave(): void {
    if (this.box()?.nativeElement.value !== '') this.toTouched();
  }

  writeValue(value: T | null): void {
    this.value.set(value ?? this.empty);
  }

  registerOnChange(to: (value: T) => void): void {
    this.toForm = to;
  }

  registerOnTouched(to: () => void): void {
    this.toTouched = to;
  }

  focus(): void {
    this.box()?.nativeElement.focus();
  }

  select(): void {
    this.box()?.nativeElement.select();
  }
}

function sentenceOf({ errors }: AbstractControl): string {
  return (errors?.['says'] as string | undefined) ?? '';
}

/** What cannot be an e-mail address is said at its field. */
export function emailLike(whose = 'your'): ValidatorFn {
  return ({ value }) => (/\S@\S/.test(String(value)) ? null : says(`Type ${whose} e-mail address, such as name@firm.example.`));
}

/** What is neither an e-mail address nor a telephone number with its country is said at its field. */
export function handleLike(whose = 'your'): ValidatorFn {
  return ({ value }) =>
    readHandle(String(value)).ok
      ? null
      : says(`Type ${whose} e-mail address, or ${whose} telephone number with its country, such as +44 7700 900123.`);
}

/** What is too short for a new password is said at its field. */
export const longEnough: ValidatorFn = ({ value }) =>
  String(value).length < 12 ? says('The new password needs at least 12 characters.') : null;
