import {
  aboutOf,
  Exceptions,
  Held,
  NEEDS,
  PERMISSIONS,
  REACHES,
  ROLES,
  ROLE_RIGHTS,
  covers,
  isOfPeople,
  mayGiveRights,
  mayLetLead,
  mayLetManage,
  narrowest,
  reachAndSources,
  reachesOf,
  rightsHeld,
  rightsOf,
  rolesWith,
  seesMoney,
  waysTo,
  widest,
} from './rights';

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
    const given = (role: (typeof ROLES)[number]) => ROLES.filter((one) => mayGiveRights(rightsOf([role]), ROLE_RIGHTS[one]));
    expect(given('owner')).toEqual([...ROLES]);
    // Whom another lead reaches, they do not.
    expect(given('manager')).toEqual(['staff']);
    expect(given('project manager')).toEqual(['staff']);
    // Reads all and records nothing: not even staff are theirs to make.
    expect(given('auditor')).toEqual(['auditor']);
    // A bookkeeper reviews nobody, and so gives nobody the right to.
    expect(given('bookkeeper')).toEqual(['bookkeeper', 'staff', 'auditor']);
    expect(given('administrator')).toEqual(['administrator', 'staff']);
    expect(given('staff')).toEqual(['staff']);
    expect(mayGiveRights({}, ROLE_RIGHTS.staff)).toBeFalse();
  });

  it('let nobody give by a team what they do not hold', () => {
    const may = (who: (typeof ROLES)[number], lead: (typeof ROLES)[number]) => mayLetLead(rightsOf([who]), rightsOf([lead]));
    expect(ROLES.filter((lead) => may('owner', lead))).toEqual([...ROLES]);
    expect(ROLES.filter((lead) => !may('administrator', lead))).toEqual(['manager']);
    // Nor does a manager widen what a manager reaches.
    expect(may('manager', 'manager')).toBeFalse();
  });

  it('let nobody give by a project what they do not hold', () => {
    const may = (who: (typeof ROLES)[number], manager: (typeof ROLES)[number]) =>
      mayLetManage(rightsOf([who]), rightsOf([manager]));
    expect(ROLES.filter((manager) => may('owner', manager))).toEqual([...ROLES]);
    // Somebody who reaches teams reaches the projects that they manage too.
    expect(ROLES.filter((manager) => !may('administrator', manager))).toEqual(['manager', 'project manager']);
    expect(may('project manager', 'project manager')).toBeFalse();
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
    // The narrowest is the other one, and none where one is missing.
    for (const a of all) for (const b of all) expect(narrowest(a, b)).toBe(a && b ? (widest(a, b) === a ? b : a) : undefined);
    expect(narrowest('firm', 'own')).toBe('own');
  });
});

describe('what somebody was given', () => {
  const held = (names: Partial<Held>): Held => ({ roles: ['staff'], ownRoles: [], exceptions: {}, ...names });
  const clerk = { id: 'c', name: 'Clerk', rights: { 'time.read': 'firm', 'values.read': 'team' } } as const;

  it('adds up from roles, the firm’s own ones too', () => {
    expect(rightsHeld(held({ ownRoles: [clerk] }))).toEqual({ ...ROLE_RIGHTS.staff, 'time.read': 'firm', 'values.read': 'team' });
    expect(rightsHeld(held({ roles: ['auditor'], ownRoles: [clerk] }))['values.read']).toBe('firm');
    for (const role of ROLES) expect(rightsOf([role])).toEqual(ROLE_RIGHTS[role]);
  });

  it('is for one person what the exception says, wider or narrower', () => {
    const of = (exceptions: Exceptions) => rightsHeld(held({ roles: ['manager'], exceptions }));
    expect(of({ 'cost.read': null })['cost.read']).toBeUndefined();
    expect(of({ 'cost.read': 'project' })['cost.read']).toBe('project');
    expect(of({ 'pay.read': 'firm' })['pay.read']).toBe('firm');
    expect('pay.read' in of({})).toBeFalse();
  });

  it('reaches no further than the right without which it is of no use', () => {
    const of = (exceptions: Exceptions) => rightsHeld(held({ roles: ['bookkeeper'], exceptions }));
    expect(of({ 'values.read': null })).toEqual(
      Object.fromEntries(
        Object.entries(ROLE_RIGHTS.bookkeeper).filter(
          ([name]) => !['values.read', 'entries.price', 'invoices.read', 'invoices.issue', 'payments.record'].includes(name),
        ),
      ),
    );
    expect(of({ 'values.read': 'team' })['invoices.read']).toBe('team');
    // Whoever issues does it for the firm: it has no smaller reach, nor has pricing that of oneself.
    expect(of({ 'values.read': 'team' })['invoices.issue']).toBeUndefined();
    expect(of({ 'time.read': 'own' })['entries.price']).toBeUndefined();
    // Nothing of what the roles give is held back by that.
    for (const role of ROLES)
      for (const permission of PERMISSIONS)
        for (const needed of ROLE_RIGHTS[role][permission] ? (NEEDS[permission] ?? []) : [])
          expect(widest(ROLE_RIGHTS[role][permission], ROLE_RIGHTS[role][needed])).toBe(ROLE_RIGHTS[role][needed]);
  });

  it('is told with all that it comes from, and what holds it back', () => {
    const two = held({ roles: ['staff', 'manager'], ownRoles: [clerk] });
    expect(reachAndSources(two, 'time.read')).toEqual({
      reach: 'firm',
      sources: [
        { kind: 'role', name: 'staff', reach: 'own' },
        { kind: 'role', name: 'manager', reach: 'team' },
        { kind: 'own role', name: 'Clerk', reach: 'firm' },
      ],
    });
    const less = held({ roles: ['bookkeeper'], exceptions: { 'values.read': null } });
    expect(reachAndSources(less, 'values.read')).toEqual({ reach: undefined, sources: [{ kind: 'exception', reach: null }] });
    expect(reachAndSources(less, 'payments.record')).toEqual({
      reach: undefined,
      sources: [
        { kind: 'role', name: 'bookkeeper', reach: 'firm' },
        { kind: 'needs', name: 'invoices.read', reach: null },
      ],
    });
  });

  it('holds a right exactly where something gives it, for every right and source', () => {
    for (const permission of PERMISSIONS)
      for (const role of ROLES)
        for (const own of [undefined, ...reachesOf(permission)])
          for (const exception of [undefined, null, ...reachesOf(permission)]) {
            const one = held({
              roles: [role],
              ownRoles: own ? [{ ...clerk, rights: { [permission]: own } }] : [],
              exceptions: exception === undefined ? {} : { [permission]: exception },
            });
            const { reach, sources } = reachAndSources(one, permission);
            expect(rightsHeld(one)[permission]).toBe(reach);
            const given = sources.filter(({ kind }) => kind !== 'needs').map((source) => source.reach ?? undefined);
            const limits = sources.filter(({ kind }) => kind === 'needs');
            const all = given.reduce(widest, undefined);
            if (limits.length === 0) expect(reach).toBe(all);
            else expect(widest(reach, limits.at(-1)!.reach ?? undefined)).toBe(limits.at(-1)!.reach ?? undefined);
            expect(reach === undefined || reachesOf(permission).includes(reach)).toBeTrue();
          }
  });

  it('is given no further than roles give it, and by who holds it for everybody', () => {
    expect(reachesOf('time.read')).toEqual([...REACHES]);
    expect([reachesOf('pay.read'), reachesOf('time.record')]).toEqual([['firm'], ['own']]);
    expect(PERMISSIONS.filter((permission) => !isOfPeople(permission))).toEqual([
      ...(['time.record', 'pay.read', 'agreements.change', 'invoices.issue', 'payments.record'] as const),
      ...(['people.change', 'firm.change'] as const),
    ]);
    const mine = { 'time.read': 'firm', 'values.read': 'team', 'time.record': 'own' } as const;
    expect(mayGiveRights(mine, { 'time.read': 'team', 'time.record': 'own', 'values.read': 'own' })).toBeTrue();
    expect(mayGiveRights(mine, { 'values.read': 'team' })).toBeFalse();
    expect(mayGiveRights(mine, { 'cost.read': 'own' })).toBeFalse();
  });

  it('covers a subject in exactly the ways that are told', () => {
    const teams = [
      { name: 'North', people: new Set(['mate', 'me']) },
      { name: 'South', people: new Set(['mate']) },
    ];
    const asker = { personId: 'me', teamPeople: new Set(['mate', 'me']) };
    const asked = { open: false, named: false };
    for (const permission of PERMISSIONS.filter((one) => aboutOf(one) === 'time'))
      for (const reach of [undefined, ...REACHES])
        for (const personId of ['me', 'mate', 'stranger', null])
          for (const managerId of ['me', 'other', null]) {
            const subject = { personId, managerId, ...asked, open: true, named: true };
            expect(waysTo(permission, reach, 'me', teams, subject).length > 0).toBe(covers(reach, asker, subject));
          }
    expect(waysTo('time.read', 'team', 'me', teams, { personId: 'mate', managerId: 'me', ...asked })).toEqual([
      { kind: 'project' },
      { kind: 'team', name: 'North' },
      { kind: 'team', name: 'South' },
    ]);
    expect(waysTo('time.read', 'firm', 'me', [], { personId: 'me', ...asked })).toEqual([
      { kind: 'everybody' },
      { kind: 'oneself' },
    ]);
  });

  it('is about time, about projects, or about the firm alone', () => {
    expect(PERMISSIONS.filter((permission) => aboutOf(permission) === 'work')).toEqual(['work.read', 'invoices.read']);
    expect(PERMISSIONS.filter((permission) => aboutOf(permission) === 'firm')).toEqual([
      ...(['time.record', 'pay.read', 'agreements.change', 'invoices.issue', 'payments.record'] as const),
      ...(['people.change', 'work.change', 'firm.change'] as const),
    ]);
    const teams = [{ name: 'North', people: new Set(['mate']) }];
    const of = (permission: (typeof PERMISSIONS)[number], reach: (typeof REACHES)[number], names: object = {}) =>
      waysTo(permission, reach, 'me', teams, { personId: 'mate', managerId: null, open: false, named: false, ...names }).map(
        ({ kind }) => kind,
      );
    // Documents are those of one's projects, whoever of one's team worked on others.
    expect([of('invoices.read', 'team'), of('invoices.read', 'team', { managerId: 'me' })]).toEqual([[], ['project']]);
    expect(of('invoices.read', 'team', { open: true, named: true })).toEqual([]);
    expect(of('work.read', 'own', { managerId: 'me', open: true, named: true })).toEqual(['project', 'open', 'named']);
    expect([of('work.read', 'own'), of('work.read', 'firm')]).toEqual([[], ['everybody']]);
    expect([of('time.record', 'own'), of('work.change', 'project')]).toEqual([['oneself'], ['everybody']]);
  });
});
