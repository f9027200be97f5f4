import { addDays, multiplyDivide } from '@yellowwood/core';
import { PEOPLE, POSITION_RATES } from './firm';
import { Loading, insert, rateOf } from './loading';

export async function loadRates({ tx, seed, made, start, today }: Loading): Promise<void> {
  const { firmId } = made;
  const at = `${start}T09:30:00Z`;
  const reviewed = addDays(start, 140);
  const rule = (values: Record<string, unknown>) => ({
    firm_id: firmId,
    id: seed.id(at),
    client_id: null,
    project_id: null,
    task_id: null,
    service_id: null,
    position_id: null,
    person_id: null,
    currency: 'GBP',
    rate: 0,
    valid_from: addDays(start, -60),
    valid_to: null,
    reason: '',
    ...values,
  });
  const rules = Object.entries(POSITION_RATES).flatMap(([position, [before, since]]) => {
    const position_id = made.positions.get(position);
    return [
      rule({ position_id, rate: rateOf(before), valid_to: addDays(reviewed, -1) }),
      rule({ position_id, rate: rateOf(since), valid_from: reviewed, reason: 'Review of rates' }),
    ];
  });
  const lantern = made.projects.get('Lantern room repair');
  rules.push(
    rule({ service_id: made.services.get('Travel'), rate: rateOf(45) }),
    rule({ client_id: made.clients.get('Saltmere Harbour Trust'), rate: rateOf(82), reason: 'Trust rate' }),
    rule({ project_id: lantern, position_id: made.positions.get('Surveyor'), rate: rateOf(92) }),
    rule({ project_id: lantern, position_id: made.positions.get('Mason'), rate: rateOf(61) }),
    // Raised in the middle of a month.
    rule({ project_id: made.projects.get('Reading room plaster'), rate: rateOf(57.5), valid_to: addDays(today, -76) }),
    rule({
      project_id: made.projects.get('Reading room plaster'),
      rate: rateOf(59.25),
      valid_from: addDays(today, -75),
      reason: 'Agreed at the site meeting',
    }),
    rule({
      task_id: made.tasks.get('Bell frame survey/Measured survey'),
      project_id: made.projects.get('Bell frame survey'),
      rate: rateOf(89),
    }),
    rule({
      project_id: made.projects.get('Roadside marker survey'),
      person_id: made.people.get('Noor Castellan'),
      rate: rateOf(78),
    }),
    ...(['Conservator', 'Mason'] as const).map((position) =>
      rule({
        project_id: made.projects.get('Altar panel frames'),
        position_id: made.positions.get(position),
        currency: 'EUR',
        rate: rateOf(position === 'Mason' ? 74 : 98),
      }),
    ),
  );
  await insert(tx, 'rate_rule', rules);
  await insert(
    tx,
    'pay_rate',
    PEOPLE.flatMap((person) => {
      const person_id = made.people.get(person.name);
      return [
        { firm_id: firmId, person_id, rate: rateOf(person.pay), valid_from: addDays(start, -400), valid_to: addDays(start, 125) },
        {
          firm_id: firmId,
          person_id,
          rate: multiplyDivide([rateOf(person.pay), 103], [100]),
          valid_from: addDays(start, 126),
          valid_to: null,
        },
      ];
    }),
  );
  await insert(
    tx,
    'overhead',
    PEOPLE.map((person) => ({
      firm_id: firmId,
      person_id: made.people.get(person.name),
      kind: person.kind === 'subcontractor' ? 'per-hour' : 'percent',
      value: person.kind === 'subcontractor' ? rateOf(3.5) : 385_000,
      valid_from: addDays(start, -400),
      valid_to: null,
    })),
  );
}
