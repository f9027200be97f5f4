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
    document.body.append(fixture.nativeElement as HTMLElement);
    await fixture.whenStable();
  }
  afterEach(() => (fixture.nativeElement as HTMLElement).remove());

  const field = (label: string) =>
    [...(fixture.nativeElement as HTMLElement).querySelectorAll('yw-text-field, yw-duration-field')]
      .find((one) => one.querySelector('label')!.textContent!.trim().startsWith(label))!
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

  it('says the weekday of the date, since a wrong day is noticed by it first', async () => {
    await open({ date: '2026-06-09', entry: ENTRY });
    const date = (fixture.nativeElement as HTMLElement).querySelector<HTMLInputElement>('yw-date-field input')!;
    expect(date.value).toMatch(/Tue/);
    date.value = '2026-06-13';
    date.dispatchEvent(new Event('change'));
    await new Promise((resolve) => setTimeout(resolve, 200));
    await fixture.whenStable();
    expect(date.value).toMatch(/Sat/);
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

  it('is of the day that is looked at while it is new, and keeps what was typed', async () => {
    await open({ date: '2026-06-09' });
    await type('Start', '9');
    fixture.componentRef.setInput('date', '2026-06-10');
    await type('End', '10');
    await save();
    expect([saved[0]!.date, saved[0]!.span?.start]).toEqual(['2026-06-10', '09:00']);
  });

  it('is not held back by what stands in a field that is not there', async () => {
    await open({ date: '2026-06-09', entry: { ...ENTRY, startAt: null, endAt: null, startClock: null, endClock: null } });
    await type('Length', 'long');
    expect(await save()).toContain('Type a length');
    const radio = [...(fixture.nativeElement as HTMLElement).querySelectorAll<HTMLButtonElement>('mat-button-toggle button')];
    radio.find((one) => one.textContent!.trim() === 'Start and end')!.click();
    await fixture.whenStable();
    await type('Start', '9');
    await type('End', '10');
    expect(await save()).toBe('');
    expect(saved[0]!.span?.end).toBe('10:00');
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

  it('keeps what is typed while the entry is read again, and shows somebody else’s change beside it', async () => {
    await open({ date: '2026-06-09', entry: ENTRY });
    await type('Note', 'Levels and piles');
    const press = async (words: string) => {
      [...(fixture.nativeElement as HTMLElement).querySelectorAll('button')]
        .find((one) => one.textContent.trim() === words)!
        .click();
      await fixture.whenStable();
    };
    const theirs = () =>
      (fixture.nativeElement as HTMLElement).querySelector('.theirs')?.textContent?.replace(/\s+/g, ' ').trim();
    const read = async (names: Partial<Entry>) => {
      fixture.componentRef.setInput('entry', { ...ENTRY, ...names });
      await fixture.whenStable();
    };
    // Its neighbours move its version; that is no news.
    await read({ version: 2, problems: ['overlap'] });
    expect([field('Note').value, theirs()]).toEqual(['Levels and piles', undefined]);
    await save();
    expect([saved[0]!.note, saved[0]!.version]).toEqual(['Levels and piles', 2]);
    await read({ version: 3, note: 'Soundings', endClock: '11:00', endAt: '2026-06-09T10:00:00.000Z' });
    expect(theirs()).toContain('Somebody changed this entry meanwhile. Theirs: 9 Jun');
    expect(theirs()).toContain('08:00 to 11:00, “Soundings”');
    expect([field('Note').value, await save(), saved.length]).toEqual([
      'Levels and piles',
      'Somebody changed this entry meanwhile. Take theirs or keep yours first.',
      1,
    ]);
    await press('Keep mine');
    await save();
    expect([theirs(), saved[1]!.note, saved[1]!.version, saved[1]!.span?.end]).toEqual([
      undefined,
      'Levels and piles',
      3,
      '12:02',
    ]);
    await read({ version: 4, note: 'Anodes' });
    await press('Take theirs');
    expect([field('Note').value, theirs()]).toEqual(['Anodes', undefined]);
  });

  it('takes the focus where somebody asked for it: at the time of what is there, at the work of what is new', async () => {
    const focused = () =>
      document.activeElement?.closest('yw-text-field, yw-work-field')?.querySelector('label')?.textContent?.trim().split(' ')[0];
    for (const [inputs, label] of [
      [{ date: '2026-06-09', entry: ENTRY, focused: true }, 'Start'],
      [{ date: '2026-06-09', focused: true }, 'Project'],
      [{ date: '2026-06-09', entry: ENTRY }, undefined],
    ] as const) {
      await open(inputs);
      expect(focused()).toBe(label as string);
      (fixture.nativeElement as HTMLElement).remove();
      TestBed.resetTestingModule();
    }
  });

  it('wants a reason for a correction', async () => {
    await open({ date: '2026-06-09', entry: ENTRY, correcting: true });
    expect(await save()).toContain('Say why');
    await type('Reason of the correction', 'As the client confirms');
    expect(await save()).toBe('');
    expect(saved[0]!.explanation).toBe('As the client confirms');
  });
});
