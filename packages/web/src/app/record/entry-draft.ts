import { FormControl, FormGroup } from '@angular/forms';
import type { Entry } from '@yellowwood/contracts';
import { says } from '../ui/form/field';
import { PickedWork } from '../ui/form/work-field';

/** What is typed of one entry. Clock times are text as it is typed, lengths seconds. */
export interface EntryDraft {
  work: PickedWork | null;
  service: string;
  /** An ISO date. */
  on: string;
  how: string;
  start: string;
  end: string;
  pause: number | null;
  length: number | null;
  /** Null until somebody decides it: project and service do until then. */
  billable: boolean | null;
  note: string;
  explanation: string;
  /** Which of two equal clock times is meant, in the night in which the clocks go back. */
  which: string;
}

const text = () => new FormControl('', { nonNullable: true });

/** The form of an entry. @param correcting whether a reason must be given */
export function entryForm(correcting: () => boolean) {
  return new FormGroup({
    work: new FormControl<PickedWork | null>(null),
    service: text(),
    on: text(),
    how: new FormControl('clock', { nonNullable: true }),
    start: text(),
    end: text(),
    pause: new FormControl<number | null>(null),
    length: new FormControl<number | null>(null),
    billable: new FormControl<boolean | null>(null),
    note: text(),
    explanation: new FormControl('', {
      nonNullable: true,
      validators: ({ value }) =>
        correcting() && String(value).trim() === '' ? says('Say why you correct it; the person is shown your reason.') : null,
    }),
    which: text(),
  });
}

/** What the form begins with: the entry as it is, or a new one on a date, of a span that was drawn or of none. */
export function draftOf(entry: Entry | null, date: string, span: { start: string; end: string } | null): EntryDraft {
  const which = '';
  if (entry === null) {
    const { start, end } = span ?? { start: '', end: '' };
    const nothing = { work: null, service: '', pause: null, length: null, billable: null, note: '', explanation: '' };
    return { ...nothing, on: date, how: 'clock', start, end, which };
  }
  const { billable, note, explanation } = entry;
  return {
    work: entry.projectId ? { projectId: entry.projectId, taskId: entry.taskId } : null,
    service: entry.serviceId ?? '',
    on: entry.date,
    how: entry.startAt ? 'clock' : 'length',
    start: entry.startClock ?? '',
    end: entry.endClock ?? '',
    pause: entry.breakSeconds > 0 ? entry.breakSeconds : null,
    length: entry.quantity,
    ...{ billable, note, explanation, which },
  };
}

/** What somebody can change of an entry; its version moves with its neighbours, too. */
export function factsOf(entry: Entry): string {
  const { date, projectId, taskId, serviceId, billable, note, explanation } = entry;
  const { startAt, endAt, breakSeconds, quantity, stage } = entry;
  return JSON.stringify([
    date,
    projectId,
    taskId,
    serviceId,
    billable,
    note,
    explanation,
    startAt,
    endAt,
    breakSeconds,
    quantity,
    stage,
  ]);
}
