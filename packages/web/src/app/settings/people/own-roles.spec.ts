import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import type { OwnRole, Staff, WhyMay } from '@yellowwood/contracts';
import { rightsOf } from '@yellowwood/core';
import { sessionActions } from '../../state/session';
import { ME, Page, id, me, open, refusal } from '../../testing/fake-server';
import { RolesScreen } from './own-roles';
import { PeopleScreen } from './people';
import { rightsSentence } from './roles';

const CLERK: OwnRole = {
  ...{ id: id(60), name: 'Clerk', version: 2, people: 2 },
  rights: { 'time.record': 'own', 'time.read': 'team' },
};

/** The choice field of a label, and what it shows. */
const shown = (page: Page<unknown>, label: string) => {
  const field = [...page.element.querySelectorAll('yw-choice-field')].find(
    (one) => one.querySelector('label')!.textContent!.trim() === label,
  );
  return field?.querySelector('.mat-mdc-select-value')?.textContent?.trim() ?? '';
};

describe('the roles', () => {
  let page: Page<RolesScreen>;
  let roles: OwnRole[];
  beforeEach(async () => {
    roles = [CLERK];
    page = await open(RolesScreen, {
      ...{ url: '/f/f/settings/roles', roles: ['owner'] },
      prepare: (server) => {
        server.on('listRoles', () => ({ roles })).on('readHistory', () => ({ events: [] }));
        server.on('createRole', () => null).on('changeRole', () => null);
      },
    });
    await page.settle(30);
  });
  afterEach(() => page.element.remove());
  const row = (name: string) =>
    [...page.element.querySelectorAll<HTMLElement>('tbody tr')].find(
      (one) => one.querySelector('td')!.textContent!.trim() === name,
    )!;
  const openRow = async (name: string) => {
    row(name).click();
    await page.settle(30);
  };
  const panel = () => page.element.querySelector('yw-role-panel')!;
  async function send() {
    panel().querySelector('form')!.requestSubmit();
    await page.settle(30);
  }
  async function name(text: string) {
    const field = panel().querySelector<HTMLInputElement>('yw-text-field input')!;
    field.value = text;
    field.dispatchEvent(new Event('input', { bubbles: true }));
    await page.settle();
  }

  it('stand there with what they may, and those of every firm are looked at', async () => {
    expect(page.texts('tbody tr').length).toBe(8);
    expect(page.text('.head')).toContain('1 of your own');
    expect(page.texts('tbody tr').at(-1)).toContain('Records time, sees hours.');
    await openRow('Auditor');
    const terms = [...panel().querySelectorAll('dt')].map((one) => one.textContent);
    expect([terms.length, terms[0]]).toEqual([8, 'Sees hours']);
    expect(panel().querySelector('dd')!.textContent).toBe('all');
    expect(panel().querySelector('form')).toBeNull();
    expect(rightsSentence({})).toBe('May nothing yet.');
  });

  it('are made like one that is there, with single rights added or taken away', async () => {
    await openRow('Staff');
    await page.press('Make one like it');
    expect(document.activeElement).toBe(panel().querySelector('input'));
    expect([shown(page, 'Records time'), shown(page, 'Sees hours'), shown(page, 'Sees pay')]).toEqual([
      ...['yes', 'own', 'not at all'],
    ]);
    await send();
    expect(page.refused() || panel().textContent).toContain('Type the name');
    await name('Foreman');
    await page.choose('Sees hours', 'own, projects managed, teams led');
    await page.choose('Sees who did what', 'not at all');
    page.server.on('createRole', ({ body }) => ((roles = [CLERK, { ...CLERK, ...body, version: 1, people: 0 }]), null));
    await send();
    const { id: made, ...sent } = page.server.to('createRole')[0]!.body;
    expect(sent).toEqual({
      name: 'Foreman',
      rights: { 'time.record': 'own', 'time.read': 'team', 'work.read': 'own', 'results.read': 'own' },
    });
    expect([panel().querySelector('h2')!.textContent, page.text('yw-role-panel')]).toEqual([
      'Foreman',
      jasmine.stringContaining('Nobody has it.'),
    ] as never);
    expect(made).toBeTruthy();
  });

  it('of the firm’s own are changed for all who have them, and ended', async () => {
    await openRow('Clerk');
    expect(page.text('yw-role-panel')).toContain('2 people have it, and have the change at the next step.');
    await name('Office');
    await page.choose('Sees hours', 'all');
    await send();
    const [sent] = page.server.to('changeRole');
    expect([sent!.version, sent!.body]).toEqual([
      '"2"',
      { name: 'Office', rights: { 'time.record': 'own', 'time.read': 'firm' } },
    ] as never);
    page.server.on('endRole', () => refusal(409, 'role-held', '2 still have it.'));
    await page.press('End the role …');
    await page.answer('End Clerk');
    await page.settle(20);
    expect(page.refused()).toBe('2 still have it.');
    page.server.on('endRole', () => ((roles = []), null));
    await page.press('End the role …');
    await page.answer('End Clerk');
    await page.settle(20);
    expect([panel(), page.server.to('endRole').length]).toEqual([null, 2] as never);
  });

  it('are not changed by who does not hold what they hold, and give nobody more', async () => {
    const mine = { ...rightsOf(['administrator']), 'time.read': 'own' as const };
    TestBed.inject(Store).dispatch(sessionActions.meRead({ me: { ...me('owner'), rights: mine } }));
    await openRow('Clerk');
    expect(page.text('yw-role-panel')).toContain('rights that you do not hold');
    expect(page.element.querySelector<HTMLButtonElement>('yw-role-panel form button[type=submit]')!.disabled).toBeTrue();
    await openRow('Bookkeeper');
    await page.press('Make one like it');
    // Of a bookkeeper's rights only what one holds oneself is there to begin with.
    expect([shown(page, 'Sees pay'), shown(page, 'Sees results')]).toEqual(['not at all', 'all']);
  });
});

describe('what one person may', () => {
  const PERSON = {
    ...{ position: null, department: null, teams: [], invitedOn: null, leftOn: null, version: 3, account: 'active' as const },
    ...{ ownRoles: [] as string[], exceptions: {}, email: 'x@firm.example' },
  } as const;
  let staff: Staff;
  let page: Page<PeopleScreen>;
  async function screen(names: Partial<Staff['people'][number]>) {
    staff = {
      people: [
        { ...PERSON, id: ME, name: 'Anna Test', roles: ['owner'] },
        { ...PERSON, id: id(2), name: 'Ben Holt', roles: ['bookkeeper'], ...names },
      ],
      ownRoles: [CLERK],
    };
    page = await open(PeopleScreen, {
      ...{ url: `/f/f/settings/people?sel=person:${id(2)}`, roles: ['owner'] },
      prepare: (server) =>
        server
          .on('listStaff', () => staff)
          .on('readHistory', () => ({ events: [] }))
          .on('listGroups', () => ({ groups: [] })),
    });
    await page.settle(30);
  }
  afterEach(() => page.element.remove());
  const rights = () => page.element.querySelector('yw-person-rights')!;
  const list = () => {
    const [terms, words] = ['dt', 'dd'].map((tag) =>
      [...rights().querySelectorAll(tag)].map((one) => one.textContent!.replace(/\s+/g, ' ').trim()),
    );
    return Object.fromEntries(terms!.map((term, index) => [term, words![index]!]));
  };

  it('is told with the roles that give it, exceptions, and what holds it back', async () => {
    await screen({ ownRoles: [CLERK.id], exceptions: { 'values.read': null } });
    expect(list()).toEqual(
      jasmine.objectContaining({
        'Records time': 'yes as Bookkeeper, as Clerk',
        'Sees hours': 'all as Bookkeeper, as Clerk',
        'Sees rates and values': 'not at all an exception',
        'Sees invoices': 'not at all as Bookkeeper, held back by “Sees rates and values”',
      }),
    );
    expect(page.texts('tbody tr')[1]).toContain('Bookkeeper, Clerk, exceptions');
    expect(rights().querySelectorAll('dt.wood').length).toBe(1);
  });

  it('has exceptions made and taken back', async () => {
    await screen({ exceptions: { 'cost.read': null } });
    await page.press('Exceptions …');
    expect([shown(page, 'Sees cost and margin'), shown(page, 'Sees pay')]).toEqual(['not at all', 'by roles: yes']);
    await page.choose('Sees cost and margin', 'by roles: all');
    await page.choose('Decides on hours', 'all');
    page.server.on('changeExceptions', () => refusal(409, 'version-stale', 'Somebody was quicker.'));
    await page.press('Save the exceptions');
    expect(page.refused()).toBe('Somebody was quicker.');
    page.server.on('changeExceptions', () => ((staff = { ...staff, people: [] }), null));
    await page.press('Save the exceptions');
    const [sent] = page.server.to('changeExceptions');
    expect([sent!.version, sent!.body]).toEqual(['"3"', { 'time.review': 'firm' }] as never);
    expect(page.notice()).toContain('Ben Holt has other rights from now on');
  });

  it('is not for exceptions of an owner', async () => {
    await screen({ roles: ['owner'] });
    expect(rights().textContent).toContain('without exceptions');
    expect(page.texts('button').includes('Exceptions …')).toBeFalse();
  });

  it('is explained for anybody’s time', async () => {
    await screen({});
    let why: WhyMay = {
      ...{ may: true, reach: 'team', sources: [{ kind: 'own role', name: 'Clerk', reach: 'team' }] },
      ways: [{ kind: 'project' }, { kind: 'team', name: 'Bench' }],
    };
    page.server.on('readWhyMay', () => why);
    await page.choose('Right', 'Decides on hours');
    const pick = async (label: string, text: string) => {
      const field = [...rights().querySelectorAll('label')].find((one) => one.textContent!.trim() === label)!
        .control as HTMLInputElement;
      field.focus();
      field.value = text;
      field.dispatchEvent(new Event('input', { bubbles: true }));
      await page.settle(30);
      document.querySelector<HTMLElement>('mat-option')!.click();
      await page.settle(30);
    };
    await pick('Whose time', 'Anna');
    const said = () => [...rights().querySelectorAll('[role=status] p')].map((one) => one.textContent!.trim());
    expect(page.server.to('readWhyMay').at(-1)!.query).toEqual({ right: 'time.review', person: ME });
    expect(said()).toEqual([
      'Ben Holt may: decides on hours, of Anna Test.',
      'As Clerk (own, projects managed, teams led).',
      'Ben Holt manages the project; Ben Holt leads Bench, and Anna Test is in it.',
    ]);
    why = { may: false, reach: 'own', sources: [{ kind: 'exception', reach: 'own' }], ways: [] };
    await page.choose('Right', 'Sees hours');
    await page.settle(30);
    expect(said().slice(1)).toEqual(['An exception (own).', 'It reaches “own”, and that does not hold Anna Test.']);
    // A right over the firm is asked at once, one over projects of a project.
    why = { may: false, reach: null, sources: [], ways: [] };
    await page.choose('Right', 'Sees pay');
    await page.settle(30);
    expect(page.server.to('readWhyMay').at(-1)!.query).toEqual({ right: 'pay.read', person: id(2) });
    expect(said()).toEqual(['Ben Holt may not: sees pay.', 'No role and no exception gives it.']);
    const labels = () => [...rights().querySelectorAll('label')].map((one) => one.textContent!.trim());
    expect([labels().includes('Whose time'), labels().includes('On which project')]).toEqual([false, false]);
    why = { may: true, reach: 'own', sources: [{ kind: 'role', name: 'staff', reach: 'own' }], ways: [{ kind: 'open' }] };
    const asked = page.server.to('readWhyMay').length;
    await page.choose('Right', 'Sees clients, projects and tasks');
    await page.settle(30);
    expect([labels().includes('Whose time'), page.server.to('readWhyMay').length]).toEqual([false, asked] as never);
    await pick('On which project', 'pier');
    expect(page.server.to('readWhyMay').at(-1)!.query).toEqual({ right: 'work.read', person: id(2), project: id(20) });
    expect(said()).toEqual([
      'Ben Holt may: sees clients, projects and tasks, of Pier.',
      'As Staff (own).',
      'Everybody may record on the project.',
    ]);
  });
});
