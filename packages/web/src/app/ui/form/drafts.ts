import { Directive, ElementRef, Injector, Signal, afterNextRender, effect, inject, output, untracked } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { AbstractControl, FormGroup, FormGroupDirective } from '@angular/forms';
import { map } from 'rxjs';

type Controls = Record<string, AbstractControl>;

/** The values of a form as they are being typed. Use in an injection context. */
export function valuesOf<C extends { [K in keyof C]: AbstractControl }>(
  form: FormGroup<C>,
): Signal<ReturnType<FormGroup<C>['getRawValue']>> {
  return toSignal(form.valueChanges.pipe(map(() => form.getRawValue())), { initialValue: form.getRawValue() });
}

/**
 * Fills a form whenever it is for another thing, and only then: a draft belongs to its thing and survives every refresh.
 * Use in an injection context.
 * @param thing what the draft is of; undefined while that is not known
 */
export function fillFor<C extends { [K in keyof C]: AbstractControl }>(
  form: FormGroup<C>,
  thing: () => unknown,
  values: () => Parameters<FormGroup<C>['reset']>[0],
): void {
  let filled: unknown;
  effect(() => {
    const now = thing();
    if (now === undefined || now === filled) return;
    filled = now;
    untracked(() => form.reset(values()));
  });
}

/** Sends a form that is filled rightly; otherwise every field says what is wrong, and the first of them has the focus. */
@Directive({ selector: 'form[ywSend]', host: { novalidate: '', '(submit)': 'send()' } })
export class SendsForm {
  private readonly group = inject<FormGroupDirective>(FormGroupDirective, { self: true });
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly injector = inject(Injector);
  readonly ywSend = output();

  protected send(): void {
    const form: FormGroup<Controls> = this.group.form;
    form.markAllAsTouched();
    if (!form.invalid) return this.ywSend.emit();
    afterNextRender(
      { read: () => this.host.nativeElement.querySelector<HTMLElement>('[aria-invalid=true]')?.focus() },
      { injector: this.injector },
    );
  }
}
