import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Group, PersonFacts, Staff } from '@yellowwood/contracts';
import { Rights, rightsOf } from '@yellowwood/core';
import { sessionActions } from '../../state/session';
import { ME, Page, TODAY, id, me, open, refusal } from '../../testing/fake-server';
import { SettingsList } from '../settings-list';
import { PeopleScreen } from './people';

/** Somebody who holds what a manager may, for everybody. */
const LESS = Object.fromEntries(
  Object.keys(rightsOf(['manager'])).map((right) => [right, right === 'time.record' ? 'own' : 'firm']),
) as Rights;
function may(rights: Rights): void {
  TestBed.inject(Store).dispatch(sessionActions.meRead({ me: { ...me('owner'), rights } }));
}

const PERSON = {
  department: null,
  position: 'Surveyor',
  teams: ['Masons'],
  invitedOn: null,
  leftOn: null,
  version: 3,
  ownRoles: [] as string[],
  exceptions: {},
} as const;
const STAFF: Staff = {
  people: [
    { ...PERSON, id: ME, name: 'Anna Test', email: 'anna@firm.example', roles: ['owner'], account: 'active', teams: [] },
    {
      ...PERSON,
      id: id(2),
      name: 'Ben Holt',
      email: 'ben@firm.example',
      roles: ['staff'],
      account: 'none',
      teams: ['Masons'],
      exceptions: { 'work.change': 'firm' },
    },
    {
      ...{ ...PERSON, id: id(3), name: 'Cara Pym', email: 'cara@firm.example', roles: ['staff', 'manager'] },
      ...{ account: 'invited', invitedOn: '2026-06-08', teams: [] },
    },
  ],
  ownRoles: [{ id: id(60), name: 'Clerk', rights: { 'time.record': 'own' }, version: 1, people: 0 }],
};

const GROUPS: Group[] = [
  { id: id(70), kind: 'position', name: 'Surveyor', ended: true, version: 1, people: 1 },
  { id: id(71), kind: 'position', name: 'Fitter', ended: false, version: 1, people: 0 },
  { id: id(72), kind: 'position', name: 'Smith', ended: true, version: 1, people: 0 },
  { id: id(73), kind: 'department', name: 'Yard', ended: false, version: 1, people: 0 },
];

describe('people in settings', () => {
  let page: Page<PeopleScreen>;
  beforeEach(async () => {
    page = await open(PeopleScreen, {
      ...{ url: '/f/f/settings/people', roles: ['owner'] },
      prepare: (server) => server.on('listStaff', () => STAFF).on('invitePerson', () => null),
    });
    await page.settle(20);
  });
  afterEach(() => page.element.remove());
  const rows = () => page.texts('tbody tr');

  it('stand there with roles and accounts, and are found by any of their words', async () => {
    expect(rows()).toEqual([
      'Anna Testanna@firm.exampleOwner active',
      'Ben Holtben@firm.exampleMasonsStaff, exceptions no account invite',
      'Cara Pymcara@firm.exampleStaff, Manager invited 8 Jun again',
    ]);
    expect(page.text('.head')).toContain('3 people');
    await page.type('input[type=search]', 'invited');
    expect(rows().length).toBe(1);
    await page.type('input[type=search]', 'manager pym');
    expect([rows().length, page.text('.head .quiet')]).toEqual([1, '1 of 3']);
    await page.type('input[type=search]', 'nobody');
    expect(page.text()).toContain('Nobody of that name.');
    await page.key(page.element.querySelector('input[type=search]')!, 'Escape');
    expect(rows().length).toBe(3);
  });

  it('are invited with a role that one may give', async () => {
    await page.press('Invite somebody');
    const inputs = () => [...page.element.querySelectorAll<HTMLInputElement>('.invite input')];
    expect(document.activeElement).toBe(inputs()[0]!);
    for (const [index, text] of ['Dora Finch', 'dora@firm.example'].entries()) {
      inputs()[index]!.value = text;
      inputs()[index]!.dispatchEvent(new Event('input', { bubbles: true }));
    }
    await page.choose('Role', 'Clerk');
    expect(page.text('.may')).toContain('Records time');
    await page.choose('Role', 'Manager');
    expect(page.text('.may')).toContain('no pay');
    const reads = page.server.to('listStaff').length;
    page.element.querySelector('form')!.requestSubmit();
    await page.settle(30);
    expect(page.server.to('invitePerson')[0]!.body).toEqual(
      jasmine.objectContaining({ name: 'Dora Finch', email: 'dora@firm.example', role: 'manager' }),
    );
    expect(page.text('.invite > [role=status]')).toContain('Dora Finch is invited');
    expect(page.server.to('listStaff').length).toBeGreaterThan(reads);
    await page.key(inputs()[0]!, 'Escape');
    expect(page.element.querySelector('.invite')).toBeNull();
  });

  it('are invited from a pasted list: all of them, or none', async () => {
    await page.press('Invite somebody');
    await page.press('Paste several');
    const box = () => page.element.querySelector<HTMLTextAreaElement>('yw-invite-several textarea')!;
    expect(document.activeElement).toBe(box());
    const send = async () => {
      page.element.querySelector('form')!.requestSubmit();
      await page.settle(30);
    };
    await page.type('yw-invite-several textarea', 'Dora Finch, dora@firm.example\nnobody\neli.grant@firm.example');
    expect(page.texts('.read p')).toEqual([
      'Dora Finch (dora@firm.example), Eli Grant (eli.grant@firm.example)',
      'Line 2 has neither address nor number: “nobody”',
    ]);
    await send();
    expect([page.refused(), page.server.to('invitePeople').length]).toEqual([
      jasmine.stringContaining('Mend the lines'),
      0,
    ] as never);
    await page.type('yw-invite-several textarea', 'Dora Finch, dora@firm.example\neli.grant@firm.example');
    page.server.on('invitePeople', () => refusal(409, 'addresses-taken', 'dora@firm.example stands twice.'));
    await send();
    expect(page.refused()).toContain('dora@firm.example');
    page.server.on('invitePeople', () => null);
    await send();
    const [first, second] = page.server.to('invitePeople').map(({ body }) => body);
    // The same list is the same people, also when it is sent once more.
    expect(second).toEqual(first!);
    expect(second!.role).toBe('staff');
    expect(second!.people.map(({ name, email }) => [name, email])).toEqual([
      ['Dora Finch', 'dora@firm.example'],
      ['Eli Grant', 'eli.grant@firm.example'],
    ]);
    expect(page.text('.invite > [role=status]')).toContain('2 people are invited');
    expect([box().value, document.activeElement]).toEqual(['', box()]);
  });

  it('have roles given to several at once, with what that would do said before', async () => {
    const tick = (name: string) =>
      page.element.querySelector<HTMLInputElement>(`mat-checkbox input[aria-label="Choose ${name}"]`)!;
    const role = (word: string) =>
      [...page.element.querySelectorAll('.roles label')]
        .find((one) => one.textContent!.trim() === word)!
        .querySelector<HTMLInputElement>('input')!;
    const button = () => page.button(/^Change the roles of/);
    await page.press('Roles of several');
    tick('Ben Holt').click();
    role('Owner').click();
    await page.settle();
    expect(page.texts('.effect p').at(-1)).toBe('The exceptions of Ben Holt go: an owner may do everything.');
    await page.press('Taken away');
    role('Staff').click();
    await page.settle();
    expect(page.texts('.effect p').at(-1)).toBe('The exceptions of Ben Holt stay as they are.');
    await page.press('Cancel');
    may(LESS);
    await page.press('Roles of several');
    await TestBed.inject(Router).navigateByUrl('/f/f/settings/people?only=people;roles=Manager;account=invited');
    await page.settle(20);
    await page.press('Choose all shown');
    expect([rows().length, page.text('legend')]).toEqual([1, 'Roles for 1 person']);
    await page.press('Choose none');
    await page.press('Show all');
    await page.settle(20);
    expect(page.text('.effect')).toContain('Choose people in the list');
    expect(page.texts('.roles label')).toEqual(['Manager', 'Project manager', 'Staff', 'Clerk']);
    const row = [...page.element.querySelectorAll<HTMLElement>('tbody tr')].find((one) => one.textContent!.includes('Ben Holt'))!;
    await page.key(row, ' ');
    tick('Cara Pym').click();
    await page.settle();
    expect(page.text('legend')).toBe('Roles for 2 people');
    expect([page.text('.effect'), button().disabled]).toEqual([jasmine.stringContaining('Choose the roles'), true] as never);
    role('Manager').click();
    await page.settle();
    expect(page.texts('.effect p')).toEqual(['Manager: Ben Holt', 'The exceptions of Ben Holt stay as they are.']);
    await page.press('Taken away');
    expect(page.texts('.effect p')).toEqual(['no longer manager: Cara Pym']);
    expect(button().textContent).toContain('of 1 person');
    await page.press('Instead of it');
    const stay = 'The exceptions of Ben Holt stay as they are.';
    expect(page.texts('.effect p')).toEqual(['Manager: Ben Holt', 'no longer staff: Ben Holt, Cara Pym', stay]);
    // Whoever holds what one does not may not be among them.
    await page.press('Choose all shown');
    expect(page.text('.effect .wrong')).toContain('You do not hold all that Anna Test holds');
    expect(button().disabled).toBeTrue();
    tick('Anna Test').click();
    await page.settle();
    page.server.on('changeManyRoles', () => refusal(409, 'people-changed', 'Not all of them are as you saw them: Ben Holt.'));
    await page.press('Change the roles of 2 people');
    expect(page.refused()).toContain('Ben Holt');
    page.server.on('changeManyRoles', () => ({ changed: 2 }));
    await page.press('Change the roles of 2 people');
    await page.settle(20);
    expect(page.server.to('changeManyRoles').at(-1)!.body).toEqual({
      people: [
        { id: id(2), version: 3 },
        { id: id(3), version: 3 },
      ],
      ...{ roles: ['manager'], ownRoles: [], how: 'replace' },
    });
    expect(page.notice()).toContain('2 people have other roles');
    expect(page.element.querySelector('yw-many-roles')).toBeNull();
    expect(page.element.querySelector('mat-checkbox')).toBeNull();
  });

  it('are invited again, and a refusal is told', async () => {
    page.server.on('sendInvitation', () => null);
    await page.press('Invite Cara Pym again');
    await page.settle(30);
    expect(page.server.to('sendInvitation').map(({ params }) => params['id'])).toEqual([id(3)]);
    expect(page.notice()).toContain('Cara Pym is invited once more');
    await page.press('Invite Ben Holt');
    await page.settle(30);
    expect([page.server.to('sendInvitation')[1]!.params['id'], page.notice()]).toEqual([
      id(2),
      jasmine.stringContaining('Ben Holt is invited'),
    ] as never);
    page.server.on('sendInvitation', () => refusal(409, 'not-invited', 'She has come.'));
    await page.press('Invite Cara Pym again');
    expect(page.refused()).toBe('She has come.');
  });
});

describe('one person in settings', () => {
  let page: Page<PeopleScreen>;
  let staff: Staff;
  const factsOf = (person: string): PersonFacts => {
    const { name, email, version } = staff.people.find((one) => one.id === person)!;
    return {
      ...{ id: person, name, email, version, staffNumber: '7', kind: 'employee' },
      ...{ positionId: id(70), positionFrom: '2026-01-05', departmentId: null },
      ...{ zone: 'Europe/London', startedOn: '2026-01-05', planned: null },
      recording: { ways: null, dayMaximum: null, weekMaximum: null },
    };
  };
  async function screen(who: number, rights?: Rights) {
    staff = STAFF;
    page = await open(PeopleScreen, {
      ...{ url: `/f/f/settings/people?sel=person:${id(who)}`, roles: ['owner'] },
      prepare: (server) =>
        server
          .on('listStaff', () => staff)
          .on('readPerson', ({ params }) => factsOf(params['id']!))
          .on('readHistory', () => ({ events: [] }))
          .on('listGroups', () => ({ groups: GROUPS })),
    });
    if (rights) may(rights);
    await page.settle(20);
  }
  afterEach(() => page.element.remove());
  const panel = () => page.element.querySelector<HTMLElement>('yw-person-panel')!;
  const box = (role: string) =>
    [...panel().querySelectorAll<HTMLLabelElement>('fieldset label')]
      .find((one) => one.querySelector('b')!.textContent === role)!
      .querySelector('input')!;

  it('has facts, which are saved as they were seen', async () => {
    await screen(2);
    const [name] = [...panel().querySelectorAll<HTMLInputElement>('form input')];
    name!.value = 'Ben Other';
    name!.dispatchEvent(new Event('input', { bubbles: true }));
    page.server.on('changePerson', () => null);
    panel().querySelector('form')!.requestSubmit();
    await page.settle(30);
    const [sent] = page.server.to('changePerson');
    expect([sent!.version, sent!.body]).toEqual([
      '"3"',
      {
        ...{ name: 'Ben Other', email: 'ben@firm.example', staffNumber: '7' },
        ...{ kind: 'employee', departmentId: null, zone: 'Europe/London', startedOn: '2026-01-05' },
      },
    ] as never);
    // Another position, from a day on: what is ended is offered to who has it alone.
    expect(page.text('yw-person-panel')).toContain('Since Mon 5 Jan.');
    await page.choose('Department', 'Yard');
    await page.choose('Position', 'Fitter');
    const labels = page.texts('yw-person-panel form label');
    expect([labels.includes('From'), page.texts('mat-option').includes('Smith')]).toEqual([true, false]);
    panel().querySelector('form')!.requestSubmit();
    await page.settle(30);
    const { departmentId, position } = page.server.to('changePerson')[1]!.body;
    expect([departmentId, position]).toEqual([id(73), { id: id(71), from: TODAY }] as never);
    await page.press('Close');
    expect(panel()).toBeNull();
  });

  it('has roles, of which the last stays, and none is given that is not one’s own', async () => {
    await screen(2, LESS);
    expect(['Owner', 'Manager', 'Staff'].map((role) => [box(role).checked, box(role).disabled])).toEqual([
      [false, true],
      [false, false],
      [true, false],
    ]);
    page.server.on('changeRoles', () => null);
    box('Staff').click();
    await page.settle(20);
    expect(page.text('yw-person-panel fieldset [role=alert]')).toContain('at least one role');
    expect([box('Staff').checked, page.server.to('changeRoles').length]).toEqual([true, 0] as never);
    box('Manager').click();
    await page.settle(20);
    expect(page.server.to('changeRoles')[0]!.body).toEqual({ roles: ['staff', 'manager'], ownRoles: [] });
    expect(page.notice()).toContain('Ben Holt is manager and staff from now on');
    expect(box('Manager').checked).toBeTrue();
    page.server.on('changeRoles', () => refusal(403, 'role-not-yours', 'It is not yours.'));
    box('Manager').click();
    await page.settle(20);
    expect([box('Manager').checked, page.text('yw-person-panel fieldset [role=alert]')]).toEqual([
      true,
      'It is not yours.',
    ] as never);
  });

  it('who holds more than oneself is left alone', async () => {
    await screen(1, rightsOf(['staff']));
    expect([...panel().querySelectorAll<HTMLInputElement>('fieldset input')].every(({ disabled }) => disabled)).toBeTrue();
    expect(page.text('yw-person-panel')).toContain('rights that you do not hold');
    // Nobody ends their own access.
    expect(page.text('yw-person-panel')).not.toContain('Has left');
  });

  it('leaves after a question, and comes back', async () => {
    await screen(2);
    page.server.on('personLeaves', () => {
      staff = {
        ...STAFF,
        people: STAFF.people.map((one) => (one.id === id(2) ? { ...one, leftOn: '2026-06-10', version: 4 } : one)),
      };
      return null;
    });
    await page.press('Has left …');
    await page.answer('End the access of Ben Holt');
    await page.settle(30);
    expect(page.server.to('personLeaves')[0]!.params).toEqual({ firm: 'f', id: id(2) });
    expect(page.text('yw-person-panel')).toContain('Has left; the last day was');
    expect(page.texts('tbody tr')[1]).toContain('left 10 Jun');
    page.server.on('personReturns', () => ((staff = STAFF), null));
    await page.press('Bring back');
    await page.settle(30);
    expect(page.server.to('personReturns')[0]!.version).toBe('"4"');
    expect(page.button('Has left …')).toBeTruthy();
  });
});

describe('the settings', () => {
  it('are found by their subject, by those who may open them', async () => {
    let page = await open(SettingsList, { url: '/f/f/settings/people', roles: ['owner'] });
    expect(page.texts('li a')).toEqual([
      'Account',
      'Facts and numbers',
      'What is used',
      'Words',
      'Rules of time',
      'Signing in',
      'Clients and projects',
      'States of projects',
      'Rounding and quantities',
      'People',
      'Positions and departments',
      'Roles',
      'Instruction',
      'Teams',
    ]);
    expect(page.element.querySelector('[aria-current=page]')!.textContent).toContain('People');
    expect(page.element.querySelector<HTMLAnchorElement>('.head a')!.getAttribute('href')).toBe('/f/f/record');
    await page.without('instruction');
    expect(page.texts('li a')).not.toContain('Instruction');
    await page.without();
    await page.type('input', 'invit');
    expect(page.texts('li a')).toEqual(['People']);
    await page.type('input', 'weather');
    expect(page.text()).toContain('No setting of that name');
    page.element.remove();
    TestBed.resetTestingModule();
    page = await open(SettingsList, { url: '/f/f/settings/people', roles: ['bookkeeper'] });
    expect(page.texts('li a')).toEqual(['Account', 'Clients and projects']);
    // In the words of the firm, and found by these and by ours.
    const known = me('bookkeeper');
    const words = { client: { one: 'customer', many: 'customers' } };
    TestBed.inject(Store).dispatch(sessionActions.meRead({ me: { ...known, firm: { ...known.firm, words } } }));
    for (const typed of ['customers', 'clients']) {
      await page.type('input', typed);
      expect(page.texts('li a')).toEqual(['Customers and projects']);
    }
    page.element.remove();
  });
});
