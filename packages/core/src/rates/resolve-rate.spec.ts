import * as fc from 'fast-check';
import { rate } from '../firm/units';
import { RateRule, RatedWork, resolveRate, tellingLosers } from './resolve-rate';

const rule = (id: string, names: Partial<RateRule>): RateRule => ({
  id,
  clientId: null,
  projectId: null,
  taskId: null,
  serviceId: null,
  positionId: null,
  personId: null,
  currency: 'GBP',
  rate: rate(900_000),
  validFrom: '2026-01-01',
  validTo: null,
  ...names,
});
const work: RatedWork = {
  date: '2026-06-09',
  currency: 'GBP',
  clientId: 'c',
  projectId: 'p',
  taskPath: ['leaf', 'phase'],
  serviceId: 's',
  positionId: 'po',
  personId: 'me',
};
const winner = (...rules: RateRule[]) => resolveRate(rules, work).winner?.id;

describe('resolveRate', () => {
  it('lets the most specific work scope win, whatever the labour', () => {
    const firm = rule('firm', { personId: 'me', serviceId: 's' });
    const client = rule('client', { clientId: 'c' });
    const project = rule('project', { projectId: 'p' });
    const phase = rule('phase', { projectId: 'p', taskId: 'phase' });
    const leaf = rule('leaf', { projectId: 'p', taskId: 'leaf' });
    expect(winner(firm, client)).toBe('client');
    expect(winner(client, project, firm)).toBe('project');
    expect(winner(project, phase)).toBe('phase');
    expect(winner(leaf, phase, project, client, firm)).toBe('leaf');
  });

  it('lets the most specific labour win within one scope', () => {
    const order = [
      rule('person and service', { personId: 'me', serviceId: 's' }),
      rule('person', { personId: 'me' }),
      rule('position and service', { positionId: 'po', serviceId: 's' }),
      rule('position', { positionId: 'po' }),
      rule('service', { serviceId: 's' }),
      rule('none', {}),
    ];
    order.forEach((one, index) => expect(winner(...order.slice(index).reverse())).toBe(one.id));
  });

  it('takes the rate of the work date, both ends included', () => {
    const old = rule('old', { validTo: '2026-06-08' });
    const now = rule('now', { validFrom: '2026-06-09', validTo: '2026-06-09' });
    const later = rule('later', { validFrom: '2026-06-10' });
    const resolved = resolveRate([old, now, later], work);
    expect(resolved.winner?.id).toBe('now');
    expect(resolved.losers.map((loser) => loser.reason)).toEqual(['no-longer-valid', 'not-yet-valid']);
  });

  it('has no rate where none is in the agreement’s currency, and says so', () => {
    const resolved = resolveRate([rule('eur', { currency: 'EUR' })], work);
    expect(resolved.winner).toBeNull();
    expect(tellingLosers(resolved, work).map((loser) => loser.reason)).toEqual(['other-currency']);
  });

  it('names every loser, and tells only those that a person learns from', () => {
    const resolved = resolveRate(
      [
        rule('mine', { projectId: 'p', personId: 'me' }),
        rule('other', { projectId: 'p', personId: 'somebody' }),
        rule('wide', { clientId: 'c' }),
      ],
      work,
    );
    expect(resolved.losers.map((loser) => [loser.rule.id, loser.reason])).toEqual([
      ['other', 'other-person'],
      ['wide', 'wider-scope'],
    ]);
    expect(tellingLosers(resolved, work).map((loser) => loser.rule.id)).toEqual(['wide']);
  });

  it('does not depend on the order of the rules', () => {
    const rules = [
      rule('a', {}),
      rule('b', { clientId: 'c' }),
      rule('c', { clientId: 'c', serviceId: 's' }),
      rule('d', { projectId: 'p', positionId: 'po' }),
      rule('e', { projectId: 'p' }),
      rule('f', { personId: 'me' }),
    ];
    fc.assert(
      fc.property(fc.shuffledSubarray(rules, { minLength: 6 }), (shuffled) =>
        expect(resolveRate(shuffled, work).winner?.id).toBe('d'),
      ),
    );
  });
});

describe('the losers', () => {
  it('each lose for the reason that is theirs', () => {
    const rules = [
      rule('other-client', { clientId: 'x' }),
      rule('other-project', { projectId: 'x' }),
      rule('other-task', { taskId: 'x' }),
      rule('other-service', { serviceId: 'x' }),
      rule('other-position', { positionId: 'x' }),
      rule('other-person', { personId: 'x' }),
      rule('other-currency', { currency: 'EUR' }),
      rule('not-yet-valid', { validFrom: '2026-06-10' }),
      rule('no-longer-valid', { validTo: '2026-06-08' }),
      rule('winner', { projectId: 'p', personId: 'me' }),
      rule('wider-labour', { projectId: 'p' }),
      rule('wider-scope', { clientId: 'c', personId: 'me', serviceId: 's' }),
    ];
    const { losers, winner: first } = resolveRate(rules, work);
    expect(first!.id).toBe('winner');
    for (const loser of losers) expect(loser.rule.id).toBe(loser.reason);
    expect(losers.length).toBe(rules.length - 1);
    expect(tellingLosers({ winner: first, losers }, work).map((loser) => loser.reason)).toEqual([
      ...(['wider-labour', 'wider-scope', 'other-currency', 'not-yet-valid', 'no-longer-valid'] as const),
    ]);
  });

  it('are told the narrowest first, by scope and then by labour', () => {
    const told = (...rules: RateRule[]) => tellingLosers(resolveRate(rules, work), work).map((loser) => loser.rule.id);
    const late = { validFrom: '2027-01-01' };
    expect(
      told(
        rule('firm, person', { personId: 'me', ...late }),
        rule('project', { projectId: 'p', ...late }),
        rule('firm', late),
        rule('project, service', { projectId: 'p', serviceId: 's', ...late }),
        rule('phase', { projectId: 'p', taskId: 'phase', ...late }),
        rule('leaf', { projectId: 'p', taskId: 'leaf', ...late }),
        rule('client', { clientId: 'c', ...late }),
      ),
    ).toEqual(['leaf', 'phase', 'project, service', 'project', 'client', 'firm, person', 'firm']);
  });

  it('leave work without a client or a project to rules for all work', () => {
    const bare = { ...work, clientId: null, projectId: null, taskPath: [], serviceId: null, positionId: null };
    const { winner: first, losers } = resolveRate([rule('client', { clientId: 'c' }), rule('firm', {})], bare);
    expect([first!.id, losers.map((loser) => loser.reason)]).toEqual(['firm', ['other-client']]);
  });
});
