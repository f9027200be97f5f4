import { endpoints } from '@yellowwood/contracts';
import { Platform, mount } from '../platform/mount';
import { addRow } from './add-row';
import { bringRows } from './bring-rows';
import { periodFrom } from './period';
import { readTimesheet } from './read-timesheet';
import { leaveFirm, personLeaves } from './people/leaving';
import { removeRow } from './remove-row';
import { comingBack, restoreEntry } from './restore-entry';
import { changePeriods, changeTimeRules, previewTimeRules, readTimeRules } from './time-rules';
import { changeTimer } from './timers/change-timer';
import { discardTimer } from './timers/discard-timer';
import { pauseTimer } from './timers/pause-timer';
import { readTimers } from './timers/read-timers';
import { resumeTimer } from './timers/resume-timer';
import { startTimer } from './timers/start-timer';
import { stopTimer } from './timers/stop-timer';
import { writeEntries } from './write-entries';

/** Recording: entries, periods, timers. */
export function timeRoutes(platform: Platform): void {
  mount(platform, endpoints.readTimesheet, (context, { params, query }) =>
    readTimesheet(context, periodFrom(context, params.from), query.person),
  );

  mount(platform, endpoints.createEntry, async (context, { body }) => {
    const [entry] = await writeEntries(context, {
      create: [{ entry: body, origin: body.origin }],
      change: [],
      remove: [],
      action: 'entry recorded',
      stale: 'version-stale',
    });
    return entry!;
  });
  mount(platform, endpoints.changeEntry, async (context, { params, body, version }) => {
    const [entry] = await writeEntries(context, {
      create: [],
      change: [{ id: params.id, version, change: body }],
      remove: [],
      action: 'entry changed',
      stale: 'version-stale',
    });
    return entry!;
  });
  mount(platform, endpoints.deleteEntry, async (context, { params, query, version }) => {
    await writeEntries(context, {
      create: [],
      change: [],
      remove: [{ id: params.id, version, reason: query.reason }],
      action: 'entry deleted',
      stale: 'version-stale',
    });
    return null;
  });
  mount(platform, endpoints.restoreEntry, (context, { params }) => restoreEntry(context, params.id));
  mount(platform, endpoints.changeEntries, async (context, { body }) => ({
    entries: await writeEntries(context, {
      create: [
        ...body.create.map((entry) => ({ entry, origin: entry.origin })),
        ...(await comingBack(context, body.restore ?? [])),
      ],
      change: body.change,
      remove: body.remove,
      action: 'entries changed',
      stale: 'entries-stale',
    }),
  }));

  mount(platform, endpoints.bringRows, (context, { params, body }) =>
    bringRows(context, periodFrom(context, params.from), body.withHours),
  );
  mount(platform, endpoints.addRow, (context, { params, body }) => addRow(context, periodFrom(context, params.from), body));
  mount(platform, endpoints.removeRow, (context, { params, body }) => removeRow(context, periodFrom(context, params.from), body));

  mount(platform, endpoints.readTimeRules, (context) => readTimeRules(context));
  mount(platform, endpoints.changeTimeRules, (context, { body, version }) => changeTimeRules(context, body, version));
  mount(platform, endpoints.changePeriods, (context, { body, version }) => changePeriods(context, body, version));
  mount(platform, endpoints.previewTimeRules, (context, { query }) => previewTimeRules(context, query));
  mount(platform, endpoints.readTimers, (context) => readTimers(context));
  mount(platform, endpoints.startTimer, (context, { body }) => startTimer(context, body));
  mount(platform, endpoints.changeTimer, (context, { params, body, version }) => changeTimer(context, params.id, version, body));
  mount(platform, endpoints.pauseTimer, (context, { params }) => pauseTimer(context, params.id));
  mount(platform, endpoints.resumeTimer, (context, { params, body }) => resumeTimer(context, params.id, body.others));
  mount(platform, endpoints.stopTimer, (context, { params }) => stopTimer(context, params.id));
  mount(platform, endpoints.discardTimer, (context, { params }) => discardTimer(context, params.id));

  mount(platform, endpoints.leaveFirm, (context, { version }) => leaveFirm(context, version));

  mount(platform, endpoints.personLeaves, (context, { params, version }) => personLeaves(context, params.id, version));
}
