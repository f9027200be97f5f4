import { computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { patchState, signalStore, withComputed, withMethods, withProps, withState } from '@ngrx/signals';
import { DurationForm, Seconds, SplitFailure, clockIn, durationText, readDuration, seconds, splitEntry } from '@yellowwood/core';
import type { Changes, Entry, EntryChange, SheetRow, Timesheet } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { Api } from '../api/api';
import { sentenceOf } from '../api/problem-error';
import { Periods } from '../state/periods';
import { Refresh } from '../state/refresh';
import { sessionFeature } from '../state/session';
import { loaded } from '../ui/loaded';
import { Notices } from '../ui/notices';
import { GridRow, RowTarget, gridOf, pastedCells } from './week-model';

/** One step back: what takes a change away again. */
interface Undo {
  readonly what: string;
  run(): Promise<void>;
}

interface WeekState {
  readonly saved: string;
  readonly busy: number;
  readonly undos: readonly Undo[];
}

const initial: WeekState = { saved: '', busy: 0, undos: [] };

/** The state of the own week: what is shown, and every way in which it is changed. */
export const WeekStore = signalStore(
  withState(initial),
  withProps(() => {
    const periods = inject(Periods);
    const today = inject(Store).selectSignal(sessionFeature.selectToday);
    const form = inject(Store).selectSignal(sessionFeature.selectDurationForm);
    const api = inject(Api);
    const from = computed(() => {
      const named = periods.named();
      return named ? named.from : today() ? periods.of(today()).from : '';
    });
    const week = loaded(
      () => from() || undefined,
      (monday) => api.call('readTimesheet', { params: { from: monday } }),
    );
    return { api, refresh: inject(Refresh), notices: inject(Notices), from, today, form, loadedWeek: week };
  }),
  withComputed(({ loadedWeek }) => ({
    week: computed(() => loadedWeek.value()),
    sentence: computed(() => loadedWeek.sentence()),
    rows: computed((): GridRow[] => (loadedWeek.value() ? gridOf(loadedWeek.value()!) : [])),
  })),
  withMethods((store) => {
    const say = (saved: string) => patchState(store, { saved });
    const done = (what: string, undo?: () => Promise<void>) => {
      if (undo) patchState(store, { undos: [...store.undos().slice(-49), { what, run: undo }] });
      say(`${what}. Saved ${new Date().toLocaleTimeString(navigator.language, { hour: '2-digit', minute: '2-digit' })}`);
    };

    /** Shows entries as they are now, before the next reading. */
    function show(entries: readonly Entry[], gone: readonly string[] = []): void {
      const week = store.week();
      if (!week) return;
      const ids = new Set([...entries.map((entry) => entry.id), ...gone]);
      const rest = week.entries.filter((entry) => !ids.has(entry.id));
      store.loadedWeek.set({
        ...week,
        entries: [...rest, ...entries.filter((entry) => entry.date >= week.from && entry.date <= week.to)],
      });
    }

    /** @returns whether it was done; a failure is told, and what is there now is read again */
    async function attempt<T>(work: () => Promise<T>): Promise<T | undefined> {
      patchState(store, { busy: store.busy() + 1 });
      try {
        const answer = await work();
        store.refresh.written();
        return answer;
      } catch (error) {
        say(sentenceOf(error));
        store.notices.failed(error);
        void store.loadedWeek.reload();
        return undefined;
      } finally {
        patchState(store, { busy: store.busy() - 1 });
      }
    }

    async function restore(id: string): Promise<Entry | undefined> {
      const back = await attempt(() => store.api.call('restoreEntry', { params: { id } }));
      if (back) show([back]);
      return back;
    }

    async function remove(entry: Entry): Promise<boolean> {
      const gone = await attempt(async () => {
        await store.api.call('deleteEntry', { params: { id: entry.id }, version: current(entry.id)?.version ?? entry.version });
        return true;
      });
      if (gone) show([], [entry.id]);
      return gone === true;
    }

    const current = (id: string) => store.week()?.entries.find((entry) => entry.id === id);

    async function change(entry: Entry, body: EntryChange, what: string, quietly = false): Promise<Entry | undefined> {
      const changed = await attempt(() =>
        store.api.call('changeEntry', { params: { id: entry.id }, version: current(entry.id)?.version ?? entry.version, body }),
      );
      if (!changed) return undefined;
      show([changed]);
      if (!quietly) done(what, async () => void (await change(changed, backTo(entry, body, store.week()!.zone), 'Undone', true)));
      return changed;
    }

    async function create(
      target: RowTarget,
      date: string,
      parts: {
        quantity?: number;
        span?: { start: string; end: string; breakSeconds: number };
        note?: string;
        origin: 'grid' | 'typed';
      },
    ): Promise<Entry | undefined> {
      const week = store.week()!;
      const { projectId, taskId, serviceId, billable } = target;
      const body = {
        id: newId(),
        personId: week.personId,
        date,
        projectId,
        taskId,
        serviceId,
        billable,
        note: parts.note ?? '',
        origin: parts.origin,
        ...(parts.span ? { span: parts.span } : { quantity: parts.quantity! }),
      };
      const made = await attempt(() => store.api.call('createEntry', { body }));
      if (!made) return undefined;
      show([made]);
      done(`${text(made.quantity)} recorded`, async () => void (await remove(made)));
      return made;
    }

    const text = (value: number) => durationText(value as Seconds, store.form() as DurationForm);

    /** Types into a cell: records, changes or, when emptied, deletes. */
    async function typeCell(row: GridRow, column: number, typed: string): Promise<void> {
      const cell = row.cells[column]!;
      const entry = cell.entries[0];
      if (typed.trim() === '') {
        if (entry && (await remove(entry))) {
          const undo = async () => void (await restore(entry.id));
          done(`${text(entry.quantity)} deleted`, undo);
          store.notices.done(`${text(entry.quantity)} deleted`, undo);
        }
        return;
      }
      const read = readDuration(typed);
      if (!read.ok || read.value === 0) throw new Error('unreadable');
      if (entry) {
        if (read.value !== entry.quantity) await change(entry, { quantity: read.value }, `${text(read.value)} recorded`);
      } else {
        await create(row, cell.date, { quantity: read.value, origin: 'grid' });
      }
    }

    /** Pastes a block from a spreadsheet; cells with spans or several entries are skipped and named. */
    async function paste(rows: readonly GridRow[], row: number, column: number, clipboard: string): Promise<void> {
      const changes: Changes = { create: [], change: [], remove: [] };
      const before: Entry[] = [];
      let skipped = 0;
      pastedCells(clipboard).forEach((line, down) =>
        line.forEach((typed, across) => {
          const target = rows[row + down];
          const cell = target?.cells[column + across];
          if (!target || !cell || typed === '') return;
          const read = readDuration(typed);
          if (!read.ok || read.value === 0 || !cell.typeable) return void (skipped += 1);
          const entry = cell.entries[0];
          if (entry && entry.quantity !== read.value) {
            before.push(entry);
            changes.change.push({ id: entry.id, version: entry.version, change: { quantity: read.value } });
          } else if (!entry) {
            const { projectId, taskId, serviceId, billable } = target;
            changes.create.push({
              id: newId(),
              personId: store.week()!.personId,
              date: cell.date,
              projectId,
              taskId,
              serviceId,
              billable,
              quantity: read.value,
              note: '',
              origin: 'grid',
            });
          }
        }),
      );
      const count = changes.create.length + changes.change.length;
      if (count > 0) {
        const answer = await attempt(() => store.api.call('changeEntries', { body: changes }));
        if (!answer) return;
        show(answer.entries);
        done(`${count} cells pasted`, async () => {
          const now = new Map(answer.entries.map((entry) => [entry.id, current(entry.id)?.version ?? entry.version]));
          const back: Changes = {
            create: [],
            change: before.map((entry) => ({ id: entry.id, version: now.get(entry.id)!, change: { quantity: entry.quantity } })),
            remove: changes.create.map(({ id }) => ({ id, version: now.get(id)! })),
          };
          const undone = await attempt(() => store.api.call('changeEntries', { body: back }));
          if (undone)
            show(
              undone.entries,
              changes.create.map(({ id }) => id),
            );
        });
      }
      if (skipped > 0)
        store.notices.done(
          `${skipped} ${skipped === 1 ? 'cell was' : 'cells were'} skipped: not a duration, or a cell with a span or several entries.`,
        );
    }

    async function undo(): Promise<void> {
      const last = store.undos().at(-1);
      if (!last) return say('Nothing to undo');
      patchState(store, { undos: store.undos().slice(0, -1) });
      await last.run();
      say(`Undone: ${last.what}`);
    }

    async function deleteEntry(entry: Entry): Promise<void> {
      if (!(await remove(entry))) return;
      const back = async () => void (await restore(entry.id));
      done(`${text(entry.quantity)} deleted`, back);
      store.notices.done(`${text(entry.quantity)} deleted`, back);
    }

    /**
     * Divides an entry in two of the same work.
     * @param typed a clock time inside its span, or the length of its first part
     * @returns what is wrong with it, or null when it is done
     */
    async function split(entry: Entry, typed: string): Promise<SplitFailure | null> {
      const parts = splitEntry(
        { ...entry, quantity: seconds(entry.quantity), breakSeconds: seconds(entry.breakSeconds) },
        typed,
        store.week()!.zone,
      );
      if (!parts.ok) return parts.error.code;
      const [{ date: _, ...first }, second] = parts.value;
      const { projectId, taskId, serviceId, billable, note } = entry;
      const { personId } = store.week()!;
      const id = newId();
      const body: Changes = {
        create: [{ id, personId, projectId, taskId, serviceId, billable, note, origin: 'typed', ...second }],
        change: [{ id: entry.id, version: current(entry.id)?.version ?? entry.version, change: first }],
        remove: [],
      };
      const answer = await attempt(() => store.api.call('changeEntries', { body }));
      if (!answer) return null;
      show(answer.entries);
      done(`${text(entry.quantity)} divided`, async () => {
        const version = (one: string) => current(one)!.version;
        const whole = backTo(entry, 'span' in first ? { span: null } : { quantity: 0 }, store.week()!.zone);
        const back: Changes = {
          create: [],
          change: [{ id: entry.id, version: version(entry.id), change: whole }],
          remove: [{ id, version: version(id) }],
        };
        const undone = await attempt(() => store.api.call('changeEntries', { body: back }));
        if (undone) show(undone.entries, [id]);
      });
      return null;
    }

    /** A command on the week that answers with the week. */
    async function command(work: () => Promise<Timesheet>, what: string): Promise<Timesheet | undefined> {
      const week = await attempt(work);
      if (week) {
        store.loadedWeek.set(week);
        done(what);
      }
      return week;
    }

    return {
      create,
      change,
      deleteEntry,
      split,
      typeCell,
      paste,
      undo,
      text,
      addRow: (row: SheetRow) =>
        command(() => store.api.call('addRow', { params: { from: store.from() }, body: row }), 'Row added'),
      removeRow: (row: SheetRow) =>
        command(() => store.api.call('removeRow', { params: { from: store.from() }, body: row }), 'Row taken out'),
      bring: (withHours: boolean) =>
        command(
          () => store.api.call('bringRows', { params: { from: store.from() }, body: { withHours } }),
          withHours ? 'Rows and hours brought' : 'Rows brought',
        ),
      submit: (note: string) =>
        command(() => store.api.call('submitPeriod', { params: { from: store.from() }, body: { note } }), 'Week submitted'),
      withdraw: () => command(() => store.api.call('withdrawPeriod', { params: { from: store.from() } }), 'Week withdrawn'),
    };
  }),
);

/** What puts the changed facts of an entry back, to the second. */
function backTo(entry: Entry, change: EntryChange, zone: string): EntryChange {
  const { date, projectId, taskId, serviceId, billable, note, explanation, startAt, endAt, breakSeconds, quantity } = entry;
  const facts: EntryChange = { date, projectId, taskId, serviceId, billable, note, explanation };
  const back = Object.fromEntries(Object.entries(facts).filter(([key]) => key in change)) as EntryChange;
  if (!('span' in change) && change.quantity === undefined) return back;
  if (!startAt || !endAt) return { ...back, span: null, quantity };
  return { ...back, span: { start: clockIn(zone, startAt, 'second'), end: clockIn(zone, endAt, 'second'), breakSeconds } };
}
