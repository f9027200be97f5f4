import { addDays, monthOf } from '@yellowwood/core';
import { CLIENTS, DemoProject, DemoTask, PROJECTS, SERVICES, STATES } from './firm';
import { Loading, insert, minorOf } from './loading';
import { Seed } from './seed';

export async function loadWork({ tx, seed, made, start, today }: Loading): Promise<void> {
  const at = `${start}T09:00:00Z`;
  const { firmId } = made;
  await insert(
    tx,
    'client',
    CLIENTS.map((client) => {
      made.clients.set(client.name, seed.id(at));
      return {
        firm_id: firmId,
        id: made.clients.get(client.name),
        name: client.name,
        address: client.address,
        country: client.country,
        tax_id: client.taxId,
        email: `accounts@${client.name.toLowerCase().replace(/[^a-z]/g, '')}.example`,
        currency: client.currency,
        payment_days: client.days,
        tax_category: 'taxCategory' in client ? client.taxCategory : null,
      };
    }),
  );
  await insert(
    tx,
    'service',
    SERVICES.map((service) => {
      made.services.set(service.name, seed.id(at));
      return {
        firm_id: firmId,
        id: made.services.get(service.name),
        code: service.code,
        name: service.name,
        kind: service.kind,
        billable: service.billable,
        tax_category: 'S',
      };
    }),
  );
  // Out of a sequence of their own: what comes after them stays what it was.
  const ids = new Seed(32);
  const states = STATES.map((state, place) => ({ firm_id: firmId, id: ids.id(at), ...state, place }));
  await insert(tx, 'project_state', states);
  const tasks: Record<string, unknown>[] = [];
  for (const project of PROJECTS) {
    const id = seed.id(at);
    made.projects.set(project.name, id);
    const hours = project.estimateHours * 3600;
    const state = states.find(({ name }) => name === (project.state ?? 'Open'))!;
    await insert(tx, 'project', [
      {
        firm_id: firmId,
        id,
        client_id: project.client ? made.clients.get(project.client) : null,
        department_id: project.department ? made.clients.get(project.department) : null,
        name: project.name,
        code: project.code,
        tone: project.tone,
        state_id: state.id,
        records: state.records,
        open: state.open,
        restricted: false,
        manager_id: made.people.get(project.manager),
        billable: project.method === 'time and materials',
        order_reference: project.order ?? '',
        estimate: hours,
        budget_minor: minorOf(project.budget),
        ...saidOf(project, today),
      },
    ]);
    await insert(tx, 'agreement', [
      {
        firm_id: firmId,
        id: seed.id(at),
        project_id: id,
        method: project.method,
        currency: CLIENTS.find((client) => client.name === project.client)?.currency ?? 'GBP',
        limit_minor: project.limit ? minorOf(project.limit) : null,
        rounding_increment: project.rounding?.increment ?? 1,
        rounding_mode: project.rounding?.mode ?? 'nearest',
        rounding_unit: project.rounding?.unit ?? 'entry',
        rounding_minimum: project.rounding?.minimum ?? 0,
        decimal_places: project.decimalPlaces ?? null,
        valid_from: addDays(start, -60),
        valid_to: null,
      },
    ]);
    const leaves = project.tasks.reduce((count, task) => count + Math.max(1, task.below?.length ?? 1), 0);
    const add = (task: DemoTask, parent: string | null, place: number) => {
      const taskId = seed.id(at);
      made.tasks.set(`${project.name}/${task.name}`, taskId);
      const share = Math.max(1, task.below?.length ?? 1) / leaves;
      tasks.push({
        firm_id: firmId,
        id: taskId,
        project_id: id,
        parent_id: parent,
        kind: task.kind,
        name: task.name,
        place,
        estimate: Math.round((hours * share) / 3600) * 3600,
        budget_minor: Math.round(project.budget * share) * 100,
        state: 'open',
      });
      task.below?.forEach((child, index) => add(child, taskId, index));
    };
    project.tasks.forEach((task, index) => add(task, null, index));
  }
  // Parents come before their children in the list, one row at a time keeps the foreign key content.
  await insert(tx, 'task', tasks);
}

/** What its manager says of a project, in whole months. */
function saidOf({ months, said }: DemoProject, today: string) {
  if (!said) return { starts_on: null, ends_on: null, complete: null, notes: '' };
  return {
    starts_on: monthOf(addDays(today, -31 * months[0])).from,
    ends_on: monthOf(addDays(today, 31 * said.ends)).to,
    ...{ complete: said.complete, notes: said.notes ?? '' },
  };
}
