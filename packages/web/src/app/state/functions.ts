import { Injectable, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import type { FirmFunction, Permission } from '@yellowwood/core';
import { STEPS, Step } from './address';
import { sessionFeature } from './session';

/** What the firm that is open leaves out of sight. */
@Injectable({ providedIn: 'root' })
export class Functions {
  private readonly me = inject(Store).selectSignal(sessionFeature.selectMe);
  readonly off = computed((): ReadonlySet<FirmFunction> => new Set(this.me()?.firm.off ?? []));

  /** Whether the firm uses it. */
  has(one: FirmFunction): boolean {
    return !this.off().has(one);
  }
}

/**
 * The steps that concern somebody, in their order: by what they may, and by what the firm uses.
 * @param waits whether something still waits to be reviewed: it is decided where it always was
 */
export function stepsFor(
  rights: Partial<Record<Permission, unknown>>,
  off: ReadonlySet<FirmFunction>,
  waits = false,
): readonly Step[] {
  const concerns: Readonly<Record<Step, boolean>> = {
    record: !!rights['time.record'],
    review: (!!rights['time.review'] || !!rights['time.record']) && (!off.has('review') || waits),
    bill: !!rights['invoices.read'] && !off.has('invoices'),
    collect: !!rights['invoices.read'] && !off.has('invoices'),
    results: !!rights['results.read'],
  };
  return STEPS.filter((step) => concerns[step]);
}
