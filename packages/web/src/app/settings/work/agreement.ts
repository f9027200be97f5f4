import { ChangeDetectionStrategy, Component, computed, effect, inject, input, output, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { KnownAgreements } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { Api } from '../../api/api';
import { Formats } from '../../state/formats';
import { OwnWords } from '../../state/own-words';
import { sessionFeature } from '../../state/session';
import { askSeen } from '../../ui/ask-seen';
import { command } from '../../ui/command';
import { Dialogs } from '../../ui/dialogs';
import { Failure } from '../../ui/failure';
import { ChoiceField } from '../../ui/form/choice-field';
import { DateField } from '../../ui/form/date-field';
import { SendsForm, valuesOf } from '../../ui/form/drafts';
import { needed } from '../../ui/form/field';
import { MoneyField } from '../../ui/form/money-field';
import { RateField } from '../../ui/form/rate-field';
import { TextField } from '../../ui/form/text-field';
import { ToggleField } from '../../ui/form/toggle-field';
import { loaded } from '../../ui/loaded';
import { Loading } from '../../ui/loading';
import { TERMS_CHOICES, quantitiesSentence, roundingSentence, termsControls, termsShown, termsTyped } from '../terms-words';

type Agreement = KnownAgreements['agreements'][number];

const text = (value: string, validators?: ReturnType<typeof needed>) => new FormControl(value, { nonNullable: true, validators });

/** What is agreed of a project, as sentences; and agreeing something else of it, from a day on, with the effect in sight. */
@Component({
  selector: 'yw-agreement',
  imports: [
    ...[ChoiceField, DateField, Failure, Loading, MatButton, MoneyField, RateField, ReactiveFormsModule, SendsForm],
    ...[TextField, ToggleField],
  ],
  templateUrl: './agreement.html',
  styleUrl: './task-panel.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AgreementSection {
  private readonly api = inject(Api);
  private readonly dialogs = inject(Dialogs);
  private readonly formats = inject(Formats);
  private readonly say = inject(OwnWords).say;
  private readonly rights = inject(Store).selectSignal(sessionFeature.selectRights);
  private readonly me = inject(Store).selectSignal(sessionFeature.selectMe);
  readonly id = input.required<string>();
  readonly name = input.required<string>();
  /** Something else was agreed. */
  readonly agreed = output();
  /** What stood in the form when it began. */
  private before: ReturnType<AgreementSection['typed']> | null = null;
  protected readonly command = command();
  protected readonly changes = computed(() => this.rights()['agreements.change'] !== undefined);
  protected readonly known = loaded(
    () => this.id(),
    (id) => this.api.call('readAgreements', { params: { id } }),
  );
  /** Whether something else is being typed. */
  protected readonly typing = signal(false);
  /** What holds today; where nothing does yet, what holds first. */
  protected readonly now = computed(() => {
    const list = this.known.value()?.agreements ?? [];
    return list.find(({ validFrom }) => validFrom <= this.me()!.today) ?? list.at(-1);
  });
  protected readonly others = computed(() => this.known.value()?.agreements.filter((one) => one !== this.now()) ?? []);
  protected readonly rate = computed(() => this.rateOn(this.now(), this.me()!.today));
  /** Nothing is billed by the only one that ever held: something else may have held all along. */
  protected readonly mayBegin = computed(() => this.others().length === 0 && this.now()?.used === 0);
  protected readonly methods = [
    { value: 'time and materials', word: 'by time, at rates' },
    { value: 'not billable', word: 'not at all' },
  ];
  protected readonly begins = [
    { value: 'day', word: 'from a day on' },
    { value: 'start', word: 'from its beginning' },
  ];
  protected readonly choices = TERMS_CHOICES;
  protected readonly units = TERMS_CHOICES.units.map(({ value, word }) => ({ value, word: this.say(word) }));
  protected readonly form = new FormGroup({
    begins: text('day'),
    from: text('', needed('Choose from which day on.')),
    method: text('time and materials'),
    rate: new FormControl<number | null>(null),
    limit: new FormControl<number | null>(null),
    ...termsControls(),
    reason: text('', needed('Type why, such as: agreed by letter of 3 May.')),
  });
  protected readonly values = valuesOf(this.form);

  constructor() {
    effect(() => {
      const { from } = this.form.controls;
      if (this.values().begins === 'day') from.enable({ emitEvent: false });
      else from.disable({ emitEvent: false });
    });
  }

  private rateOn(agreement: Agreement | undefined, day: string) {
    const rates = this.known.value()?.rates ?? [];
    return rates.find(
      ({ currency, validFrom, validTo }) =>
        currency === agreement?.currency && validFrom <= day && (validTo === null || validTo >= day),
    );
  }

  /** One agreement as one says it. */
  protected sentences(agreement: Agreement): readonly string[] {
    const { currency, limit, used, validFrom, validTo, method } = agreement;
    const money = (minor: number) => this.formats.money(minor, currency);
    const day = (date: string) => this.formats.day(date);
    const dates = `From ${day(validFrom)}${validTo === null ? '' : ` to ${day(validTo)}`}`;
    if (method === 'not billable') return [`${dates} it is not charged.`];
    if (method === 'internal') return [`${dates} nobody pays for it.`];
    const most = limit === null ? '' : `, at most ${money(limit)} net`;
    const billed = used === 0 ? 'Nothing is billed of it yet.' : `${money(used)} are billed or drafted.`;
    return [
      `${dates} it is charged by time in ${currency}${most}. ${billed}`,
      roundingSentence(agreement),
      quantitiesSentence(agreement),
    ].map((sentence) => this.say(sentence));
  }

  /** Whether the project has rates of its own, and since when. */
  protected rateSentences(): readonly string[] {
    const day = (date: string) => this.formats.day(date);
    const rates = this.known.value()?.rates ?? [];
    if (rates.length === 0) return ['It has no rate of its own: the rates of people, positions and services hold.'].map(this.say);
    return rates.map(
      ({ rate, currency, validFrom, validTo }) =>
        `${currency} ${this.formats.rate(rate, currency)} an hour from ${day(validFrom)}${validTo === null ? '' : ` to ${day(validTo)}`}, where nothing closer is agreed.`,
    );
  }

  /** Begins with what holds now; what is typed stays, whatever others agree meanwhile. */
  protected begin(): void {
    const { method, limit, ...terms } = this.now()!;
    const rate = this.rate()?.rate ?? null;
    this.form.reset({ ...termsShown(terms), begins: 'day', from: '', method, rate, limit, reason: '' });
    this.before = this.typed();
    this.typing.set(true);
  }

  private typed() {
    const { method, rate, limit, ...typed } = this.form.getRawValue();
    return { terms: { method: method as 'time and materials', limit, ...termsTyped(typed) }, rate };
  }

  /** Sends what was typed otherwise than it stood there. */
  protected async save(): Promise<void> {
    const { begins, from, reason } = this.form.getRawValue();
    const { terms, rate } = this.typed();
    const before = this.before!;
    const changed = Object.entries(terms).filter(([term, value]) => value !== before.terms[term as keyof typeof terms]);
    const wish = {
      ...{ id: newId(), validFrom: begins === 'start' ? this.now()!.validFrom : from, reason },
      ...(Object.fromEntries(changed) as Partial<typeof terms>),
      ...(rate !== before.rate && { rate }),
    };
    const question = {
      ...{ title: `Agree this of “${this.name()}”?`, button: 'Agree and price anew', kept: 'Nothing else is agreed.' },
      what: { one: 'from then on is priced by it', more: 'from then on are priced by it' },
    };
    const ask = (seen: string | null) => this.api.call('changeAgreement', { params: { id: this.id() }, body: { ...wish, seen } });
    const known = await this.command.run(() => askSeen(this.dialogs, ask, question), { done: 'Agreed' });
    if (!known) return;
    this.typing.set(false);
    this.known.set(known);
    this.agreed.emit();
  }
}
