import { BodyOf, Endpoints, Founded } from '@yellowwood/contracts';
import { dateIn, firstServices, isCurrency, isZone, slugOf, submissionPeriod, WEEKS } from '@yellowwood/core';
import { COUNTRIES, countryDefaults } from '@yellowwood/core/countries';
import { v7 as newId } from 'uuid';
import {
  addDepartment,
  addPosition,
  addSeries,
  addTaxRate,
  foundFirm as found,
  givePosition,
} from '../generated/founding/found-firm.queries';
import { addService } from '../generated/founding/shape.queries';
import { addPlannedTime } from '../generated/people/invite.queries';
import { setGuide } from '../generated/people/join.queries';
import { plannedForNew, setPlannedForNew } from '../generated/people/recording.queries';
import { audit } from '../platform/audit';
import { Clock } from '../platform/clock';
import { Context, enterFirm } from '../platform/context';
import { Database, WRITE, transaction } from '../platform/database';
import { problem } from '../platform/problem';
import { ALWAYS, addProject } from '../work/create-project';
import { addFirstStates } from '../work/project-states';

type Wish = BodyOf<Endpoints['foundFirm']>;

/** Planned seconds of a working day. */
const DAY = 8 * 3600;

/**
 * Founds a firm and lays what is needed to record and bill at once: services, a planned week, number series, a position
 * for the owner, the country's usual tax or none, and a project for what is for no client.
 * @throws the problems `country-unknown`, `currency-unknown`, `zone-unknown`, `firm-exists`
 */
export async function foundFirm(
  database: Database,
  clock: Clock,
  wish: Wish,
  account: string,
  requestId: string,
): Promise<Founded> {
  if (!COUNTRIES.includes(wish.country)) throw problem('country-unknown');
  if (!isCurrency(wish.currency)) throw problem('currency-unknown');
  if (!isZone(wish.zone)) throw problem('zone-unknown');
  const name = wish.name.trim();
  return transaction(database, WRITE, async (tx) => {
    const now = clock.now();
    const started = submissionPeriod(dateIn(wish.zone, now), { ...WEEKS, weekStart: wish.weekStart }).from;
    const { id, country, currency, zone, weekStart } = wish;
    const person = newId();
    const facts = { id, slug: slugOf(name), name, country, currency, zone, weekStart, account, person, started, now };
    const [row] = await found.run(facts, tx).catch((error: { code?: string }) => {
      throw error.code === '23505' ? problem('firm-exists') : error;
    });
    const context = await enterFirm(tx, row!.slug, account, { now, requestId, source: 'web' });
    // The same once more is the same firm.
    if (context.actor.personId === person) await layGround(context, wish, started);
    return { slug: row!.slug };
  });
}

async function layGround(context: Context, { country, taxed }: Wish, started: string): Promise<void> {
  const { tx, firm, actor } = context;
  const usual = countryDefaults(country);
  const tax = taxed ? usual.tax : null;
  await addSeries.run({ firm: firm.id, series: 'invoice', prefix: '' }, tx);
  await addSeries.run({ firm: firm.id, series: 'credit note', prefix: 'C' }, tx);
  const rate = (category: string, named: string, reason: string, millionths = 0) =>
    addTaxRate.run({ firm: firm.id, category, name: named, rate: millionths, reason, validFrom: ALWAYS }, tx);
  if (tax) {
    await rate('S', tax.name, '', tax.rate);
    await rate('Z', `${tax.name}, zero rate`, '');
    await rate('E', `Exempt from ${tax.name}`, `Exempt from ${tax.name}`);
    await rate('AE', 'Reverse charge', 'Reverse charge: the recipient accounts for the tax');
  }
  await rate('O', 'Not taxed', tax ? 'Outside the scope of tax' : 'The seller is not registered for tax');
  for (const service of firstServices(null))
    await addService.run({ firm: firm.id, id: newId(), ...service, taxCategory: tax ? 'S' : 'O' }, tx);
  const [position, department] = [newId(), newId()];
  await addPosition.run({ firm: firm.id, id: position, name: 'Principal' }, tx);
  await givePosition.run({ firm: firm.id, person: actor.personId, position, validFrom: started }, tx);
  await addDepartment.run({ firm: firm.id, id: department, name: firm.name }, tx);
  const planned = [1, 2, 3, 4, 5, 6, 7].map((day) => (usual.workingDays.includes(day) ? DAY : 0));
  await setPlannedForNew.run({ planned }, tx);
  const [plan] = await plannedForNew.run(undefined, tx);
  await addPlannedTime.run({ firm: firm.id, person: actor.personId, validFrom: started, ...plan! }, tx);
  await addFirstStates(context);
  await addProject(context, { id: newId(), name: 'General', clientId: null, departmentId: department, currency: firm.currency });
  await setGuide.run({ person: actor.personId, shown: true }, tx);
  const { name, currency, zone } = firm;
  await audit(context, 'firm founded', [{ kind: 'firm', id: firm.id, after: { name, country, currency, zone } }]);
}
