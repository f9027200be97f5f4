import { provideZonelessChangeDetection } from '@angular/core';
import { ComponentFixture, TestBed } from '@angular/core/testing';
import { provideState, provideStore } from '@ngrx/store';
import type { Entry } from '@yellowwood/contracts';
import { sessionFeature } from '../state/session';
import { workFeature } from '../state/work';
import { EntryForm, EntryFormValue } from './entry-form';

const ENTRY = {
  id: 'e',
  kind: 'time',
  personId: 'me',
  date: '2026-06-09',
  projectId: null,
  taskId: null,
  serviceId: null,
  absenceCode: null,
  quantity: 14_532,
  billable: true,
  note: 'Levels',
  explanation: '',
  stage: 'recorded',
  startAt: '2026-06-09T07:00:00.000Z',
  endAt: '2026-06-09T11:02:12.000Z',
  startClock: '08:00',
  endClock: '12:02',
  breakSeconds: 0,
  problems: [],
  lagDays: 0,
  returned: null,
  version: 1,
} as unknown as Entry;

describe('the form of an entry', () => {
  let fixture: ComponentFixture<EntryForm>;
  let saved: EntryFormValue[];

  async function open(inputs: Record<string, unknown>) {
    TestBed.configureTestingModule({
      providers: [provideZonelessChangeDetection(), provideStore(), provideState(sessionFeature), provideState(workFeature)],
    });
    fixture = TestBed.createComponent(EntryForm);
    saved = [];
    fixture.componentInstance.saved.subscribe((value) => saved.push(value));
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    await fixture.whenStable();
  }

  const field = (label: string) =>
    [...(fixture.nativeElement as HTMLElement).querySelectorAll('label.field')]
      .find((one) => one.textContent!.trim().startsWith(label))!
      .querySelector('input')!;
  async function type(label: string, text: string) {
    const input = field(label);
    input.value = text;
    input.dispatchEvent(new Event('input'));
    await fixture.whenStable();
  }
  async function save() {
    (fixture.nativeElement as HTMLElement).querySelector('form')!.dispatchEvent(new Event('submit'));
    await fixture.whenStable();
    return (fixture.nativeElement as HTMLElement).querySelector('.field-error')?.textContent?.trim() ?? '';
  }

  it('says the weekday beside the date, since a wrong day is noticed by it first', async () => {
    await open({ date: '2026-06-09', entry: ENTRY });
    const date = field('Date');
    const label = () => date.closest('label')!.textContent!.trim();
    expect(label()).toMatch(/Tue/);
    date.value = '2026-06-13';
    date.dispatchEvent(new Event('change'));
    await fixture.whenStable();
    expect(label()).toMatch(/Sat/);
    await save();
    expect(saved[0]!.date).toBe('2026-06-13');
  });

  it('shows what start, end and break come to before it is saved', async () => {
    await open({ date: '2026-06-09' });
    await type('Start', '8');
    await type('End', '1730');
    await type('Break', '30m');
    expect((fixture.nativeElement as HTMLElement).querySelector('.read')!.textContent).toContain('9:00');
    expect(await save()).toBe('');
    expect(saved).toEqual([
      jasmine.objectContaining({ date: '2026-06-09', span: { start: '08:00', end: '17:30', breakSeconds: 1800 } }),
    ]);
  });

  it('keeps what was typed and says what to do', async () => {
    await open({ date: '2026-06-09' });
    expect(await save()).toContain('Type when it started');
    await type('Start', '9');
    await type('End', '9');
    expect(await save()).toContain('the same');
    await type('End', 'noon');
    expect(await save()).toContain('clock times');
    expect([field('End').value, saved.length]).toEqual(['noon', 0]);
  });

  it('keeps what somebody has decided of billable', async () => {
    await open({ date: '2026-06-09', entry: { ...ENTRY, billable: false } });
    const box = [...(fixture.nativeElement as HTMLElement).querySelectorAll<HTMLInputElement>('input[type=checkbox]')];
    expect(box.map((one) => one.checked)).toEqual([false]);
    await save();
    expect(saved[0]!.target.billable).toBeFalse();
  });

  it('sends no time that was not touched: a timer’s seconds are not cut off', async () => {
    await open({ date: '2026-06-09', entry: ENTRY });
    await type('Note', 'Levels, north side');
    expect(await save()).toBe('');
    expect(saved[0]!.note).toBe('Levels, north side');
    expect([saved[0]!.span, saved[0]!.quantity]).toEqual([undefined, undefined]);
    await type('End', '12:05');
    await save();
    expect(saved[1]!.span).toEqual({ start: '08:00', end: '12:05', breakSeconds: 0 });
  });

  it('wants a reason for a correction', async () => {
    await open({ date: '2026-06-09', entry: ENTRY, correcting: true });
    expect(await save()).toContain('Say why');
    await type('Reason of the correction', 'As the client confirms');
    expect(await save()).toBe('');
    expect(saved[0]!.explanation).toBe('As the client confirms');
  });
});
