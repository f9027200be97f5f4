import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { Page, open } from '../../testing/fake-server';
import { ChoiceField } from './choice-field';
import { DateField } from './date-field';
import { SendsForm, fillFor, valuesOf } from './drafts';
import { DurationField } from './duration-field';
import { needed } from './field';
import { MoneyField } from './money-field';
import { RateField } from './rate-field';
import { TextField } from './text-field';
import { ToggleField } from './toggle-field';

@Component({
  imports: [ReactiveFormsModule, ChoiceField, DateField, DurationField, MoneyField, RateField, SendsForm, TextField, ToggleField],
  template: `
    <form [formGroup]="form" (ywSend)="sent.push(form.getRawValue())">
      <yw-text-field label="Reason" formControlName="reason" />
      @if (timed()) {
        <yw-duration-field label="Length" hint="or none" formControlName="length" />
      }
      <yw-money-field label="Amount" currency="GBP" formControlName="amount" />
      <yw-rate-field label="Rate" currency="GBP" formControlName="rate" />
      <yw-date-field label="Received" formControlName="on" />
      <yw-choice-field label="Service" [choices]="choices" formControlName="service" />
      <yw-toggle-field label="How" [choices]="choices" formControlName="how" />
      <button type="submit">Send</button>
    </form>
    <output>{{ now() }}</output>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class Host {
  readonly thing = signal<{ readonly id: string; readonly length: number } | undefined>({ id: 'one', length: 14_532 });
  readonly timed = signal(true);
  readonly sent: unknown[] = [];
  readonly choices = [
    { value: 'a', word: 'survey' },
    { value: 'b', word: 'travel' },
  ];
  readonly form = new FormGroup({
    reason: new FormControl('', { nonNullable: true, validators: needed('Say why.') }),
    length: new FormControl<number | null>(null),
    amount: new FormControl<number | null>(null),
    rate: new FormControl<number | null>(null),
    on: new FormControl('', { nonNullable: true }),
    service: new FormControl('a', { nonNullable: true }),
    how: new FormControl('a', { nonNullable: true }),
  });
  private readonly typed = valuesOf(this.form);
  protected readonly now = () => JSON.stringify(this.typed());

  constructor() {
    fillFor(
      this.form,
      () => this.thing()?.id,
      () => ({ reason: '', length: this.thing()!.length, amount: 125_050, rate: 920_000, on: '2026-06-09' }),
    );
  }
}

describe('the fields of a form', () => {
  let page: Page<Host>;
  beforeEach(async () => {
    page = await open(Host, { url: '/f/f/record', roles: ['staff'] });
  });
  afterEach(() => page.element.remove());

  const host = () => page.fixture.componentInstance;
  const box = (kind: string) => page.element.querySelector<HTMLInputElement>(`yw-${kind}-field input`)!;
  const said = (kind: string) => page.text(`yw-${kind}-field .field-error`);
  const value = () => host().form.getRawValue();

  it('show their values as the firm and the person write them', () => {
    expect(['duration', 'money', 'rate', 'date'].map((kind) => box(kind).value)).toEqual([
      ...['4:02', '1,250.50', '92.00', 'Tue, 9 Jun 2026'],
    ]);
    expect(page.text('output')).toContain('"amount":125050');
    expect(box('money').labels![0]!.textContent).toBe('Amount');
  });

  it('read what is typed, and read a length back', async () => {
    await page.type('yw-duration-field input', '90m');
    expect([value().length, page.text('yw-duration-field .hint')]).toEqual([5400, 'read as 1:30']);
    await page.type('yw-duration-field input', '1:30');
    expect(page.text('yw-duration-field .hint')).toBe('or none');
    await page.type('yw-money-field input', '£1,300');
    await page.type('yw-rate-field input', '0');
    expect([value().amount, value().rate]).toEqual([130_000, 0]);
    await page.choose('Service', 'travel');
    await page.press('travel');
    expect([value().service, value().how]).toEqual(['b', 'b']);
    expect(page.text('output')).toContain('"service":"b"');
  });

  it('keep the exact value of what is not typed over, though less of it is shown', async () => {
    await page.type('yw-duration-field input', '5:00');
    await page.type('yw-duration-field input', '4:02');
    expect(value().length).toBe(14_532);
    await page.type('yw-duration-field input', '');
    expect(value().length).toBeNull();
  });

  it('say what cannot be read once one goes on, keep it, and hold the form back', async () => {
    await page.type('yw-text-field input', 'as agreed');
    await page.type('yw-money-field input', 'lots');
    expect(said('money')).toBe('');
    box('money').dispatchEvent(new Event('blur'));
    await page.settle();
    expect([said('money'), box('money').value, value().amount]).toEqual([...['Type an amount such as 1,250.50.', 'lots', null]]);
    expect(box('money').getAttribute('aria-describedby')).toBe(page.element.querySelector('yw-money-field [role=alert]')!.id);
    await page.press('Send');
    expect(host().sent).toEqual([]);
    expect(document.activeElement).toBe(box('money'));
    await page.type('yw-money-field input', '12');
    expect(said('money')).toBe('');
    await page.press('Send');
    expect(host().sent.length).toBe(1);
  });

  it('say nothing of what is still empty until somebody sends it', async () => {
    box('text').dispatchEvent(new Event('blur'));
    await page.settle();
    expect(said('text')).toBe('');
    await page.press('Send');
    expect([said('text'), host().sent, document.activeElement]).toEqual(['Say why.', [], box('text')]);
    expect(box('text').getAttribute('aria-invalid')).toBe('true');
    await page.type('yw-text-field input', '   ');
    expect(said('text')).toBe('Say why.');
  });

  it('hold the form back where a date cannot be read', async () => {
    await page.type('yw-text-field input', 'as agreed');
    box('date').focus();
    await page.type('yw-date-field input', 'when it came', 'change');
    await page.settle(150);
    await page.press('Send');
    expect([host().sent, said('date')]).toEqual([[], 'Type a date such as 9 Jun, 9/6 or yesterday.']);
    await page.type('yw-date-field input', 'today', 'change');
    await page.settle(150);
    await page.press('Send');
    expect(host().sent.length).toBe(1);
    expect(value().on).toBe('2026-06-10');
  });

  it('have no say in the form any more once they are gone', async () => {
    await page.type('yw-text-field input', 'as agreed');
    await page.type('yw-duration-field input', 'long');
    await page.press('Send');
    expect(host().sent.length).toBe(0);
    host().timed.set(false);
    await page.settle();
    await page.press('Send');
    expect(host().sent.length).toBe(1);
  });

  it('hold a draft of one thing: a refresh leaves it, another thing fills the form anew', async () => {
    await page.type('yw-text-field input', 'as agreed');
    host().thing.set({ id: 'one', length: 60 });
    await page.settle();
    expect([box('text').value, box('duration').value]).toEqual(['as agreed', '4:02']);
    host().thing.set(undefined);
    await page.settle();
    expect(box('text').value).toBe('as agreed');
    host().thing.set({ id: 'two', length: 3600 });
    await page.settle();
    expect([box('text').value, box('duration').value]).toEqual(['', '1:00']);
  });
});
