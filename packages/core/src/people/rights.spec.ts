import { PERMISSIONS, REACHES, ROLES, covers, mayGive, mayLetLead, rightsOf, rolesWith, seesMoney, widest } from './rights';

describe('rights', () => {
  it('keep values, cost and pay apart', () => {
    expect(rightsOf(['staff'])).not.toEqual(jasmine.objectContaining({ 'values.read': jasmine.anything() }));
    const manager = rightsOf(['manager']);
    expect([manager['values.read'], manager['cost.read'], manager['pay.read']]).toEqual(['team', 'team', undefined]);
    expect(rightsOf(['bookkeeper'])['time.review']).toBeUndefined();
    expect(Object.keys(rightsOf(['owner'])).length).toBe(PERMISSIONS.length);
  });

  it('let an auditor read all and change nothing', () => {
    const rights = rightsOf(['auditor']);
    const changing = PERMISSIONS.filter((permission) => !permission.endsWith('.read'));
    expect(changing.filter((permission) => rights[permission])).toEqual([]);
    expect(PERMISSIONS.filter((permission) => permission.endsWith('.read') && rights[permission] !== 'firm')).toEqual([]);
  });

  it('say which roles hold one', () => {
    expect(rolesWith('time.record')).toEqual(ROLES.filter((role) => role !== 'auditor'));
    expect(rolesWith('firm.change')).toEqual(['owner', 'administrator']);
  });

  it('leave the terms of a project to the owner alone', () => {
    expect(ROLES.filter((role) => rightsOf([role])['agreements.change'])).toEqual(['owner']);
  });

  it('are given by whoever holds them, at least as far', () => {
    const given = (role: (typeof ROLES)[number]) => ROLES.filter((one) => mayGive(rightsOf([role]), one));
    expect(given('owner')).toEqual([...ROLES]);
    expect(given('manager')).toEqual(['manager', 'project manager', 'staff']);
    expect(given('project manager')).toEqual(['project manager', 'staff']);
    // Reads all and records nothing: not even staff are theirs to make.
    expect(given('auditor')).toEqual(['auditor']);
    // A bookkeeper reviews nobody, and so gives nobody the right to.
    expect(given('bookkeeper')).toEqual(['bookkeeper', 'staff', 'auditor']);
    expect(given('administrator')).toEqual(['administrator', 'staff']);
    expect(given('staff')).toEqual(['staff']);
    expect(mayGive({}, 'staff')).toBeFalse();
  });

  it('let nobody give by a team what they do not hold', () => {
    const may = (who: (typeof ROLES)[number], lead: (typeof ROLES)[number]) => mayLetLead(rightsOf([who]), rightsOf([lead]));
    expect(ROLES.filter((lead) => may('owner', lead))).toEqual([...ROLES]);
    expect(ROLES.filter((lead) => !may('administrator', lead))).toEqual(['manager']);
    // Nor does a manager widen what a manager reaches.
    expect(may('manager', 'manager')).toBeFalse();
  });

  it('show money to those who read a price, a cost, pay or an invoice', () => {
    expect(ROLES.filter((role) => seesMoney(rightsOf([role])))).toEqual([
      ...(['owner', 'manager', 'project manager', 'bookkeeper', 'auditor'] as const),
    ]);
    for (const right of ['values.read', 'cost.read', 'pay.read', 'invoices.read', 'invoices.issue', 'payments.record'] as const)
      expect(seesMoney({ [right]: 'own' })).toBeTrue();
    expect(seesMoney({ 'time.read': 'firm', 'entries.price': 'firm' })).toBeFalse();
  });

  it('give somebody with two roles the wider reach of each right', () => {
    expect(rightsOf(['staff', 'manager'])['time.read']).toBe('team');
    expect(rightsOf(['manager', 'owner'])['time.read']).toBe('firm');
  });

  it('reach oneself, one’s teams and the work one manages, or all', () => {
    const asker = { personId: 'me', teamPeople: new Set(['mate']) };
    const reaches = (personId: string, managerId: string | null = null) =>
      REACHES.filter((reach) => covers(reach, asker, { personId, managerId }));
    expect(reaches('me')).toEqual(['own', 'project', 'team', 'firm']);
    expect(reaches('mate')).toEqual(['team', 'firm']);
    expect(reaches('stranger', 'me')).toEqual(['project', 'team', 'firm']);
    expect(reaches('stranger')).toEqual(['firm']);
    expect(covers(undefined, asker, { personId: 'me' })).toBeFalse();
  });
});

describe('the widest of two reaches', () => {
  it('is the one that there is, else the greater', () => {
    const all = [undefined, 'own', 'project', 'team', 'firm'] as const;
    expect(all.map((a) => all.map((b) => widest(a, b)))).toEqual([
      [undefined, 'own', 'project', 'team', 'firm'],
      ['own', 'own', 'project', 'team', 'firm'],
      ['project', 'project', 'project', 'team', 'firm'],
      ['team', 'team', 'team', 'team', 'firm'],
      ['firm', 'firm', 'firm', 'firm', 'firm'],
    ]);
    expect('pay.read' in rightsOf(['staff'])).toBeFalse();
  });
});
