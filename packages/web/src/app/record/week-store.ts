import { computed, effect, inject, linkedSignal, signal, untracked } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { Store } from '@ngrx/store';
import { signalStore, withComputed, withHooks, withMethods, withProps } from '@ngrx/signals';
import { RECORD_WAYS, SplitFailure, clockIn, seconds, splitEntry } from '@yellowwood/core';
import type { Changes, Entry, EntryChange, SheetRow, Timesheet } from '@yellowwood/contracts';
import { fromEvent } from 'rxjs';
import { Api } from '../api/api';
import { sentenceOf } from '../api/problem-error';
import { Formats } from '../state/formats';
import { Periods } from '../state/periods';
import { Refresh } from '../state/refresh';
import { sessionFeature } from '../state/session';
import { command } from '../ui/command';
import { loaded } from '../ui/loaded';
import { fetchAhead } from '../ui/fetch-ahead';
import { Notices } from '../ui/notices';
import { CellWrites } from './cell-writes';
import { EntryWrites } from './entry-writes';
import { ParkedCells } from './parked-cells';
import { Undo, UndoStack } from '../ui/undo-stack';
import { WhoseWeek } from './whose-week';
import { CellDraft, GridRow, RowTarget, gridOf, rowKey, targetsOf } from './week-model';

/** The state of the own week: what is shown, and every way in which it is changed. */
export const WeekStore = signalStore(
  withProps(() => {
    const periods = inject(Periods);
    const whose = inject(WhoseWeek);
    const today = inject(Store).selectSignal(sessionFeature.selectToday);
    const api = inject(Api);
    const refresh = inject(Refresh);
    const notices = inject(Notices);
    const from = computed(() => {
      const named = periods.named();
      return named ? named.from : today() ? periods.of(today()).from : '';
    });
    const loadedWeek = loaded(
      () => (from() ? { monday: from(), query: whose.query() } : undefined),
      ({ monday, query }) => api.call('readTimesheet', { params: { from: monday }, query }),
    );
    // Somebody else's time is changed by those who may, once they have said why.
    const week = computed((): Timesheet | null => {
      const read = loadedWeek.value();
      if (!read || !whose.looked()) return read;
      return { ...read, ways: [...RECORD_WAYS], may: { ...read.may, record: read.may.correct && whose.reason().trim() !== '' } };
    });
    // Rows keep their place while one works on a period; they are put in order anew when one comes back to it.
    const targets = linkedSignal<Timesheet | null, readonly RowTarget[]>({
      source: week,
      computation: (week, previous) => (week ? targetsOf(week, previous?.source?.from === week.from ? previous.value : []) : []),
    });
    const saved = signal('');
    const say = (text: string) => saved.set(text);
    const formats = inject(Formats);
    const text = (value: number) => formats.hours(value);
    const undos = new UndoStack();
    const writes = new EntryWrites(api, { week, set: loadedWeek.set, reload: loadedWeek.reload }, () =>
      whose.looked() ? whose.reason() : '',
    );
    const done = (undo: Undo, order?: number, loud = false) => {
      undos.push(undo, order);
      say(`${undo.what}. Saved ${formats.clock(new Date().toISOString())}`);
      if (loud) notices.done(undo.what, () => takeBack(undo));
    };
    const cells = new CellWrites(
      writes,
      done,
      () => undos.next(),
      text,
      () => refresh.written(),
    );
    /** Waits for what is on its way, since that may be what is taken back. */
    const takeBack = (undo?: Undo) =>
      cells.alone(async () => {
        const step = undo ?? undos.last();
        if (!step) return say('Nothing to undo');
        try {
          await undos.take(step);
          say(`Undone: ${step.what}`);
        } catch (error) {
          say(`${step.what}, and not undone. ${sentenceOf(error)}`);
          throw error;
        } finally {
          refresh.written();
        }
      });
    return {
      api,
      refresh,
      from,
      today,
      whose,
      loadedWeek,
      week,
      targets,
      saved,
      text,
      undos,
      writes,
      cells,
      done,
      takeBack,
      command: command(),
    };
  }),
  withComputed(({ loadedWeek, week, targets, cells }) => ({
    sentence: computed(() => loadedWeek.sentence()),
    rows: computed((): GridRow[] => (week() ? gridOf(week()!, targets(), cells.drafts()) : [])),
  })),
  withMethods((store) => {
    const { writes, done } = store;

    function change(entry: Entry, body: EntryChange, what: string): Promise<Entry | undefined> {
      return store.command.run(async () => {
        const { zone } = store.week()!;
        // As it was seen: what somebody else has made of it since is not written over.
        const changed = await writes.change(entry.id, entry.version, body);
        const now = () => writes.current(entry.id)?.version ?? changed.version;
        done({ what, run: () => writes.change(entry.id, now(), backTo(entry, body, zone)) });
        return changed;
      });
    }

    function create(
      target: RowTarget,
      date: string,
      parts: { quantity?: number; span?: { start: string; end: string; breakSeconds: number }; note?: string },
    ): Promise<Entry | undefined> {
      const { personId } = store.week()!;
      const { projectId, taskId, serviceId, billable } = target;
      const times = parts.span ? { span: parts.span } : { quantity: parts.quantity! };
      const facts = { personId, date, projectId, taskId, serviceId, billable, note: parts.note ?? '', ...times };
      return store.command.run(
        async (id) => {
          const made = await writes.create({ id, ...facts, origin: 'typed' });
          done({
            what: `${store.text(made.quantity)} recorded`,
            run: () => writes.remove(id, writes.current(id)?.version ?? made.version),
          });
          return made;
        },
        { about: JSON.stringify(facts) },
      );
    }

    async function deleteEntry(entry: Entry): Promise<void> {
      await store.command.run(async () => {
        await writes.remove(entry.id, writes.current(entry.id)?.version ?? entry.version);
        done({ what: `${store.text(entry.quantity)} deleted`, run: () => writes.restore(entry.id) }, undefined, true);
      });
    }

    /**
     * Divides an entry in two of the same work.
     * @param typed a clock time inside its span, or the length of its first part
     * @returns what is wrong with it, or null when it is done
     */
    async function split(entry: Entry, typed: string): Promise<SplitFailure | null> {
      const { personId, zone } = store.week()!;
      const whole = { ...entry, quantity: seconds(entry.quantity), breakSeconds: seconds(entry.breakSeconds) };
      const parts = splitEntry(whole, typed, zone);
      if (!parts.ok) return parts.error.code;
      const [{ date: _, ...first }, second] = parts.value;
      const { projectId, taskId, serviceId, billable, note } = entry;
      await store.command.run(async (id) => {
        const version = (one: string) => writes.current(one)?.version ?? entry.version;
        const changes: Changes = {
          create: [{ id, personId, projectId, taskId, serviceId, billable, note, origin: 'typed', ...second }],
          change: [{ id: entry.id, version: version(entry.id), change: first }],
          remove: [],
        };
        await writes.many(changes);
        const back = (): Changes => ({
          create: [],
          change: [
            {
              id: entry.id,
              version: version(entry.id),
              change: backTo(entry, 'span' in first ? { span: null } : { quantity: 0 }, zone),
            },
          ],
          remove: [{ id, version: version(id) }],
        });
        done({ what: `${store.text(entry.quantity)} divided`, run: () => writes.many(back()) });
      });
      return null;
    }

    /** A command on the week that answers with the week. */
    async function onWeek(work: (key: string) => Promise<Timesheet>, what: string): Promise<Timesheet | undefined> {
      const week = await store.command.run(work);
      if (week) store.saved.set(what);
      // Another week may be looked at by now.
      if (week?.from === store.from()) store.loadedWeek.set(week);
      return week;
    }

    return {
      create,
      change,
      deleteEntry,
      split,
      undo: () => store.takeBack().catch(() => undefined),
      /** In somebody else's week a row that holds no hours is not kept: it is theirs to lay out. */
      addRow: (row: SheetRow) => {
        if (store.whose.looked()) {
          store.targets.update((rows) => (rows.some((one) => rowKey(one) === rowKey(row)) ? rows : [...rows, row]));
          return Promise.resolve(store.week() ?? undefined);
        }
        return onWeek((key) => store.api.call('addRow', { params: { from: store.from() }, body: row, key }), 'Row added');
      },
      /** Takes an empty row out: of the sheet where it stands there, else only of what is shown. */
      async removeRow(row: SheetRow): Promise<void> {
        const kept = store.week()!.rows.some((one) => rowKey(one) === rowKey(row));
        const from = store.from();
        const week = kept
          ? await onWeek((key) => store.api.call('removeRow', { params: { from }, body: row, key }), 'Row taken out')
          : store.week();
        if (week) store.targets.update((targets) => targets.filter((one) => rowKey(one) !== rowKey(row)));
      },
      bring: (withHours: boolean) =>
        onWeek(
          (key) => store.api.call('bringRows', { params: { from: store.from() }, body: { withHours }, key }),
          withHours ? 'Rows and hours brought' : 'Rows brought',
        ),
      /** Whether all that was typed is stored; what is not, is named. */
      async allStored(): Promise<boolean> {
        await store.cells.idle();
        const open = store.cells.drafts().size;
        if (open > 0)
          store.command.refuse(
            `${open} ${open === 1 ? 'cell holds' : 'cells hold'} what is not stored yet. Mend or empty ${open === 1 ? 'it' : 'them'} first.`,
          );
        return open === 0;
      },
      submit: (note: string) =>
        onWeek(
          (key) =>
            store.api.call('submitPeriod', { params: { from: store.from() }, query: store.whose.query(), body: { note }, key }),
          'Week submitted',
        ),
      withdraw: () =>
        onWeek(
          (key) => store.api.call('withdrawPeriod', { params: { from: store.from() }, query: store.whose.query(), key }),
          'Week withdrawn',
        ),
    };
  }),
  withHooks((store) => {
    const parked = inject(ParkedCells);
    let keep: (drafts: readonly CellDraft[]) => void;
    return {
      onInit() {
        effect(() => {
          const week = store.week();
          if (!week) return;
          untracked(() => {
            store.writes.remember(week);
            store.cells.retry();
          });
        });
        keep = parked.open((drafts) => store.cells.take(drafts));
        // At hand when the server no longer is.
        fetchAhead(() => store.api.prepare('time'));
        effect(() => {
          store.refresh.tick();
          untracked(() => store.cells.retry());
        });
        fromEvent(window, 'online')
          .pipe(takeUntilDestroyed())
          .subscribe(() => store.cells.retry());
      },
      onDestroy: () => keep([...store.cells.drafts().values()]),
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
