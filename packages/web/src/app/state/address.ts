import { Injectable, computed, effect, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { NavigationEnd, Router } from '@angular/router';
import { Period, isDate, readPeriod } from '@yellowwood/core';
import { Subject, filter, map, startWith } from 'rxjs';

export type Step = 'record' | 'review' | 'bill' | 'collect' | 'results';
export const STEPS: readonly Step[] = ['record', 'review', 'bill', 'collect', 'results'];

/** Parts of the address that belong to one step: how it is looked at. */
const STEP_PARTS = ['period', 'day', 'show', 'upto', 'by', 'doc'] as const;

/** What is selected: an entry, a person, an invoice, a figure. */
export interface Selection {
  readonly kind: 'entry' | 'person' | 'invoice' | 'figure';
  readonly id: string;
}

/**
 * The address of the page, read and written: firm, step, scope, period, day, selection. Every screen can be
 * linked, reloaded and gone back to, because nothing of this is kept anywhere else.
 */
@Injectable({ providedIn: 'root' })
export class Address {
  private readonly router = inject(Router);
  private readonly url = toSignal(
    this.router.events.pipe(
      filter((event) => event instanceof NavigationEnd),
      map(() => this.router.url),
      startWith(this.router.url),
    ),
    { initialValue: this.router.url },
  );
  private readonly tree = computed(() => this.router.parseUrl(this.url()));
  private readonly segments = computed(() => this.tree().root.children['primary']?.segments.map((segment) => segment.path) ?? []);

  /** The short name of the firm, empty before a firm is chosen. */
  readonly firm = computed(() => (this.segments()[0] === 'f' ? (this.segments()[1] ?? '') : ''));
  /** The part of the firm that is open: a step, or the settings. */
  readonly part = computed(() => this.segments()[2]);
  readonly step = computed(() => STEPS.find((step) => step === this.part()));
  readonly scope = computed(() => this.tree().queryParamMap.get('scope') ?? 'all');
  readonly scopeId = computed(() => this.scope().split(':')[1] ?? null);
  readonly period = computed((): Period | null => {
    const text = this.tree().queryParamMap.get('period');
    const read = text ? readPeriod(text) : null;
    return read?.ok ? read.value : null;
  });
  readonly selection = computed((): Selection | null => {
    const [kind, id] = (this.tree().queryParamMap.get('sel') ?? '').split(':');
    return kind && id ? { kind: kind as Selection['kind'], id } : null;
  });
  readonly show = computed(() => this.tree().queryParamMap.get('show'));
  /** Whose week is looked at instead of one's own. */
  readonly as = computed(() => this.tree().queryParamMap.get('as'));
  /** The chosen day of a period. */
  readonly day = computed(() => this.dateOf('day'));

  /** Up to which day of work a document is made; null where nobody has chosen. */
  readonly upTo = computed(() => this.dateOf('upto'));
  /** The document that is open, whatever is selected on it. */
  readonly doc = computed(() => this.tree().queryParamMap.get('doc'));
  /** What the lines of a document are made by; null where nobody has chosen. */
  readonly by = computed(() => this.tree().queryParamMap.get('by'));

  /** Which rows of a table are shown alone. */
  readonly only = computed(() => this.tree().queryParamMap.get('only'));

  /** Emits when somebody asks why, also of what is selected already. */
  readonly asked = new Subject<void>();

  /** Selects something and asks why. */
  ask(sel: string): void {
    void this.set({ sel }, true);
    this.asked.next();
  }

  private dateOf(name: string): string | null {
    const text = this.tree().queryParamMap.get(name);
    return text && isDate(text) ? text : null;
  }

  constructor() {
    // How a step was looked at last, for when one comes back to it: its period and choices, not what was selected.
    effect(() => {
      const [step, tree] = [this.step(), this.tree()];
      if (!step) return;
      const own = STEP_PARTS.flatMap((name) => {
        const text = tree.queryParamMap.get(name);
        return text === null ? [] : [[name, text]];
      });
      this.looks.set(`${this.firm()} ${step}`, Object.fromEntries(own) as Record<string, string>);
    });
  }

  private readonly looks = new Map<string, Readonly<Record<string, string>>>();

  /** What is on its way into the address; a second change must not undo the first. */
  private pending: { parts: Record<string, string | null>; replace: boolean } | null = null;

  /** Changes parts of the address; null takes a part out. A new scope drops the selection. */
  async set(
    parts: Partial<Record<'scope' | 'sel' | 'as' | 'only' | (typeof STEP_PARTS)[number], string | null>>,
    replace = false,
  ): Promise<boolean> {
    const queryParams: Record<string, string | null> = { ...this.pending?.parts, ...parts };
    if (parts.scope !== undefined) {
      queryParams['sel'] = parts.sel ?? null;
      queryParams['doc'] = parts.doc ?? null;
      if (parts.scope === 'all') queryParams['scope'] = null;
    }
    const pending = (this.pending = { parts: queryParams, replace: replace && (this.pending?.replace ?? true) });
    try {
      return await this.router.navigate([], { queryParams, queryParamsHandling: 'merge', replaceUrl: pending.replace });
    } finally {
      if (this.pending === pending) this.pending = null;
    }
  }

  /** The link of a step, with the present scope and as it was looked at last; the period belongs to its step. */
  stepLink(step: Step): { commands: string[]; queryParams: Record<string, string> } {
    const scope = this.scope();
    const look = this.looks.get(`${this.firm()} ${step}`) ?? {};
    return { commands: ['/f', this.firm(), step], queryParams: { ...look, ...(scope === 'all' ? {} : { scope }) } };
  }

  go(step: Step, queryParams: Record<string, string>): Promise<boolean> {
    return this.router.navigate(['/f', this.firm(), step], { queryParams });
  }
}
