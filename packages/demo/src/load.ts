import { addDays, dateIn, weekOf } from '@yellowwood/core';
import { Tx } from '@yellowwood/server';
import { loadBilling } from './load-billing';
import { loadEntries, planEntries } from './load-entries';
import { loadFirm } from './load-firm';
import { loadBesides, loadPeople } from './load-people';
import { loadRates } from './load-rates';
import { loadReview, planReview } from './load-review';
import { loadTimers } from './load-timers';
import { loadWork } from './load-work';
import { Loading, Made, SLUG } from './loading';
import { ZONE } from './plan';
import { Seed } from './seed';

/**
 * Loads the demo firm: a year of history that ends at the given moment, the same for the same day. Facts
 * are bulk loaded; what is computed goes through the core, and documents and payments through the same
 * use cases as real ones. All of it in one transaction.
 */
export async function loadDemo(tx: Tx, now: string): Promise<void> {
  const today = dateIn(ZONE, now);
  const start = weekOf(addDays(today, -364)).from;
  const seed = new Seed(1861);
  const names = () => new Map<string, string>();
  const made: Made = {
    firmId: seed.id(`${start}T08:00:00Z`),
    people: names(),
    clients: names(),
    projects: names(),
    tasks: names(),
    services: names(),
    positions: names(),
  };
  const loading: Loading = { tx, seed, now, today, start, made };
  await loadFirm(loading);
  await loadPeople(loading);
  await loadWork(loading);
  await loadRates(loading);
  const rows = await planEntries(loading);
  const review = planReview(loading, rows);
  await loadEntries(loading, rows);
  await loadReview(loading, review);
  // Without statistics the planner takes the tables for empty.
  await tx.query('analyze');
  await loadBilling(loading);
  await loadTimers(loading);
  await loadBesides(loading);
}

/** Whether the demo firm is there already. */
export async function isLoaded(tx: Tx): Promise<boolean> {
  const found = await tx.query('select 1 from firm_address where slug = $1', [SLUG]);
  return found.rows.length > 0;
}
