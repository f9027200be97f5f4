import { TestBed } from '@angular/core/testing';
import { ActivatedRoute, Router } from '@angular/router';
import { Store } from '@ngrx/store';
import type { KnownShape, Session } from '@yellowwood/contracts';
import { BehaviorSubject } from 'rxjs';
import { sessionActions } from '../state/session';
import { withWork } from '../testing/with-work';
import { FakeServer, ME, Page, WORK, open, refusal } from '../testing/fake-server';
import { Found } from './found';
import { Join } from './join';
import { TextsPage } from './texts';
import { Verify } from './verify';

const STRANGER: Session = { account: null, firms: [], founding: 'first', mailPage: null, demo: [] };
const ACCOUNT = {
  id: ME,
  email: 'nora@quist.example',
  name: 'Nora Quist',
  theme: 'system',
  durationForm: 'clock',
  forms: { dates: null, clock: null, numbers: null },
} as const;
const NORA: Session = { ...STRANGER, account: ACCOUNT };
const OWNER: Session = { ...NORA, firms: [{ slug: 'quist', name: 'Quist' }] };
const TEXTS = {
  texts: [
    { document: 'terms' as const, version: 't1', title: 'Terms', paragraphs: ['Be true.'] },
    { document: 'data' as const, version: 'd1', title: 'Data', paragraphs: ['Little is kept.', 'Ask.'] },
  ],
};
const SHAPE: KnownShape = {
  id: ME,
  shape: { place: null, size: null, trade: null },
  off: [],
  ways: ['timer', 'length', 'span'],
  waiting: { duration: 0, people: 0 },
  services: [
    { code: 'WORK', name: 'Project work', used: false },
    { code: 'OFFICE', name: 'Office work', used: false },
  ],
  version: 1,
};
const CONSENTS = { terms: 't1', data: 'd1' };

const send = async (page: Page<unknown>) => {
  page.element.querySelector('form')!.requestSubmit();
  await page.settle(30);
};
const box = (page: Page<unknown>, label: string) =>
  [...page.element.querySelectorAll('label')].find((one) => one.textContent!.trim().startsWith(label))!
    .control as HTMLInputElement;
async function fill(page: Page<unknown>, label: string, text: string) {
  const field = box(page, label);
  field.value = text;
  field.dispatchEvent(new Event('input', { bubbles: true }));
  await page.settle();
}
async function tick(page: Page<unknown>, label: string) {
  box(page, label).click();
  await page.settle();
}

describe('founding a firm', () => {
  withWork();
  let page: Page<Found>;
  async function walk(
    session: Session,
    inputs: Record<string, string> = {},
    prepare: (server: FakeServer) => void = () => undefined,
  ) {
    page = await open(Found, {
      ...{ url: '/found', roles: [], inputs },
      prepare: (server) => {
        server
          .on('readSession', () => session)
          .on('readTexts', () => TEXTS)
          .on('readShape', () => SHAPE);
        prepare(server);
      },
    });
    TestBed.inject(Store).dispatch(sessionActions.known({ session }));
    await page.settle(20);
  }
  afterEach(() => page.element.remove());

  it('begins with oneself, says what is missing, and sends to the mailbox', async () => {
    await walk({ ...STRANGER, mailPage: 'http://127.0.0.1:9/' }, {}, (server) => server.on('signUp', () => null));
    expect(page.text('h1')).toBe('You');
    expect(page.text('[aria-current=step]')).toContain('You');
    await send(page);
    expect(page.texts('[role=alert]')).toEqual([
      'Type your name.',
      'Type your e-mail address, such as name@firm.example.',
      'The new password needs at least 12 characters.',
      jasmine.stringContaining('tick the box'),
    ]);
    expect(page.server.to('signUp').length).toBe(0);
    await fill(page, 'Your name', 'Nora Quist');
    await fill(page, 'E-mail', 'nora@quist.example');
    await fill(page, 'Password', 'nine umber kettles');
    await tick(page, 'I agree');
    await send(page);
    expect(page.server.to('signUp').map(({ body }) => body)).toEqual([
      { name: 'Nora Quist', email: 'nora@quist.example', password: 'nine umber kettles', consents: CONSENTS },
    ]);
    expect(page.text('[role=status]')).toContain('nora@quist.example');
    expect(page.element.querySelector<HTMLAnchorElement>('a[target=_blank]')!.href).toBe('http://127.0.0.1:9/');
    await page.press('ask again');
    expect(box(page, 'E-mail').value).toBe('nora@quist.example');
  });

  it('says why a password is refused, and keeps what was typed', async () => {
    await walk(STRANGER, {}, (server) => server.on('signUp', () => refusal(422, 'password-weak', 'It is commonly used.')));
    for (const [label, text] of [
      ['Your name', 'Nora'],
      ['E-mail', 'n@q.example'],
      ['Password', 'password12345'],
    ] as const)
      await fill(page, label, text);
    await tick(page, 'I agree');
    await send(page);
    expect(page.refused()).toBe('It is commonly used.');
    expect(box(page, 'Your name').value).toBe('Nora');
  });

  it('says where strangers found none', async () => {
    await walk({ ...STRANGER, founding: 'closed' });
    expect(page.text('h1')).toBe('Nobody founds a firm here');
    expect(page.element.querySelector('form')).toBeNull();
  });

  it('says why nothing is there where the server does not answer', async () => {
    page = await open(Found, {
      url: '/found',
      roles: [],
      prepare: (server) => server.on('readSession', () => new Promise(() => undefined)),
    });
    TestBed.inject(Store).dispatch(sessionActions.unreachable({ sentence: 'The server does not answer.' }));
    await page.settle(20);
    expect(page.text('[role=alert]')).toBe('The server does not answer.');
  });

  it('asks for the firm, with what is usual in its country', async () => {
    let known = NORA;
    await walk(NORA, {}, (server) =>
      server.on('readSession', () => known).on('foundFirm', () => ((known = OWNER), { slug: 'quist' })),
    );
    expect(page.text('h1')).toBe('The firm');
    expect(page.text('[aria-current=step]')).toContain('The firm');
    await send(page);
    expect(page.text('[role=alert]')).toContain("Type the firm's name");
    await fill(page, 'Name', 'Quist');
    box(page, 'Country').focus();
    await fill(page, 'Country', 'irel');
    await page.key(box(page, 'Country'), 'Enter');
    await page.settle(30);
    expect([box(page, 'Country').value, box(page, 'Currency').value]).toEqual(['Ireland', 'EUR, Euro']);
    expect(page.text('yw-tick-field label')).toBe('Charge VAT at 23 %');
    await tick(page, 'Charge');
    await send(page);
    expect(page.server.to('foundFirm')[0]!.body).toEqual(
      jasmine.objectContaining({
        name: 'Quist',
        country: 'IE',
        currency: 'EUR',
        zone: 'Europe/Dublin',
        weekStart: 1,
        taxed: false,
      }),
    );
    expect(TestBed.inject(Router).url).toBe('/found?firm=quist&step=place');
  });

  it('knows of no tax where none is usual', async () => {
    await walk(NORA);
    await fill(page, 'Country', 'united states of');
    await fill(page, 'Country', 'united states');
    await page.key(box(page, 'Country'), 'Enter');
    await page.settle(30);
    expect(page.element.querySelector('yw-tick-field')).toBeNull();
    expect(page.text()).toContain('invoices start without one');
  });

  it('asks where people work, names what follows, and says nothing where one goes on later', async () => {
    await walk(OWNER, { firm: 'quist' }, (server) =>
      server.on('changeShape', ({ body }) => ({ ...SHAPE, shape: body, off: ['grid', 'instruction'], version: 2 })),
    );
    expect(page.text('h1')).toBe('Where people work');
    const follows = () => page.texts('[aria-label="What follows from it"] li');
    // As suggested: an office, a few people, any trade.
    expect(follows()).toEqual([
      'Out of sight: instruction.',
      jasmine.stringContaining('Services that are added: Meeting and Travel'),
    ]);
    await page.press('In the field');
    await page.press('I am alone');
    await page.choose('What do you do?', 'Building and restoration');
    expect(follows()).toEqual([
      'People record by timer and from start to end, so that breaks and gaps show.',
      'Out of sight: review before billing, time person by person, the grid and instruction.',
      'What you submit is approved at once, by policy.',
      'Services that are added: Work on site, Workshop, Fetching materials and Travel. Those given before go, unless they are used.',
    ]);
    await send(page);
    const [sent] = page.server.to('changeShape');
    expect([sent!.params, sent!.version, sent!.body]).toEqual([
      ...([{ firm: 'quist' }, '"1"', { place: 'field', size: 'one', trade: 'building' }] as const),
    ] as never);
    expect(TestBed.inject(Router).url).toBe('/found?firm=quist&step=functions');
    await page.press('Later');
    expect([page.server.to('changeShape').length, TestBed.inject(Router).url]).toEqual([1, '/found?firm=quist&step=functions']);
  });

  it('says nothing anew where it says the same, and goes on', async () => {
    const said = { place: 'office', size: 'few', trade: 'general' } as const;
    await walk(OWNER, { firm: 'quist' }, (server) => server.on('readShape', () => ({ ...SHAPE, shape: said })));
    expect(page.text('[aria-label="What follows from it"]')).toBe('Nothing changes.');
    await send(page);
    expect(page.server.to('changeShape')).toEqual([]);
    expect(TestBed.inject(Router).url).toBe('/found?firm=quist&step=functions');
  });

  it('names what comes back into sight, and nothing that is so already', async () => {
    await walk(OWNER, { firm: 'quist' }, (server) =>
      server.on('readShape', () => ({ ...SHAPE, shape: { place: 'field', size: 'one', trade: 'survey' }, off: ['grid'] })),
    );
    await page.press('In an office');
    await page.press('Up to ten');
    // Review and people are in sight, and people record in all ways already.
    expect(page.texts('[aria-label="What follows from it"] li')).toEqual([
      'In sight from now on: the grid.',
      'Out of sight: instruction.',
    ]);
  });

  it('has the focus in the step where no field of it takes it', async () => {
    // It comes some frames after what it goes to, and a frame may take long on a machine that is busy.
    const isOn = async (find: () => Element | null) => {
      for (let tries = 0; tries < 50 && document.activeElement !== find(); tries += 1) await page.settle(20);
      expect(document.activeElement).toBe(find());
    };
    await walk(OWNER, { firm: 'quist' });
    await isOn(() => page.element.querySelector('main'));
    page.element.remove();
    TestBed.resetTestingModule();
    await walk(OWNER, { firm: 'quist', step: 'work' });
    await isOn(() => box(page, 'Client'));
  });

  it('asks what is used, and shows small what will be there', async () => {
    await walk(OWNER, { firm: 'quist', step: 'functions' }, (server) =>
      server.on('changeFunctions', ({ body }) => ({ ...SHAPE, off: body.off, version: 2 })),
    );
    expect(page.text('yw-what-is-there dd')).toBe('Record, Review, Bill, Collect, Results');
    await page.press('Invoices');
    await page.press('The grid');
    await page.settle();
    expect(page.texts('yw-what-is-there dd')).toEqual([
      'Record, Review, Results',
      'day by day',
      'the work, people and teams',
      'hours, cost and margin',
      'invoices, the grid',
    ]);
    await page.press('Staff');
    expect(page.texts('yw-what-is-there dd').slice(0, 3)).toEqual(['Record, Review, Results', 'day by day', 'the work']);
    await send(page);
    const [sent] = page.server.to('changeFunctions');
    expect([sent!.version, sent!.body]).toEqual(['"1"', { off: ['invoices', 'grid'] }] as never);
    expect(TestBed.inject(Router).url).toBe('/found?firm=quist&step=work');
    // Nothing is sent where nothing was turned.
    await page.press('Invoices');
    await page.press('The grid');
    await page.settle();
    await page.press('Invoices');
    await page.press('The grid');
    await page.settle();
    await send(page);
    expect(page.server.to('changeFunctions').length).toBe(1);
  });

  it('goes to any step, and straight to the first timer', async () => {
    await walk(OWNER, { firm: 'quist', step: 'work' });
    expect(page.texts('aside li button b')).toEqual(['Where people work', 'What you use', 'People']);
    await page.press(/^People/);
    expect(TestBed.inject(Router).url).toBe('/found?firm=quist&step=people');
    await page.press('Go straight to the first timer');
    await page.settle(20);
    expect(TestBed.inject(Router).url).toBe('/f/quist/record');
  });

  it('suggests projects by the trade, each to be renamed or left out, and asks nobody alone for people', async () => {
    const { projects, clients } = WORK;
    let answered = 0;
    await walk(OWNER, { firm: 'quist', step: 'work' }, (server) =>
      server
        .on('readShape', () => ({ ...SHAPE, shape: { place: 'field', size: 'one', trade: 'survey' } }))
        .on('createProject', () =>
          (answered += 1) === 2
            ? refusal(409, 'project-exists', 'There is one of this name.')
            : { project: projects[0]!, client: clients[0]! },
        ),
    );
    await page.settle(20);
    expect([box(page, 'Project').value, box(page, 'Project 2').value]).toEqual(['Survey', 'Report']);
    await page.press('One more');
    await page.settle();
    await page.press('Leave out project 3');
    await page.settle();
    await fill(page, 'Client', 'Quay Trust');
    await fill(page, 'Project 2', 'Soundings');
    await send(page);
    // The second was refused: the first is made, and is not sent again.
    expect(page.refused()).toBe('There is one of this name.');
    expect(page.text('.project .quiet')).toBe('is made');
    await fill(page, 'Project 2', 'Soundings B');
    await send(page);
    const sent = page.server.to('createProject').map(({ body }) => body);
    expect(sent.map(({ name }) => name)).toEqual(['Survey', 'Soundings', 'Soundings B']);
    // Another try is at the same project.
    expect([sent[1]!.id, sent[0]!.id === sent[1]!.id]).toEqual([sent[2]!.id, false]);
    expect(sent.map(({ client }) => client?.name)).toEqual(['Quay Trust', undefined, undefined]);
    expect(new Set(sent.map(({ client }) => client?.id)).size).toBe(1);
    await page.settle(20);
    expect(TestBed.inject(Router).url).toBe('/f/quist/record');
  });

  it('begins with work for the firm itself, where it has no client', async () => {
    await walk(OWNER, { firm: 'quist', step: 'work' }, (server) =>
      server.on('createProject', () => ({ project: WORK.projects[0]!, client: null })),
    );
    await page.press('For the firm itself');
    await page.settle();
    await fill(page, 'Project', 'Workshop');
    await send(page);
    expect(page.server.to('createProject')[0]!.body).toEqual(jasmine.objectContaining({ name: 'Workshop', client: null }));
  });

  it('goes on with the first work, or later', async () => {
    const { projects, clients } = WORK;
    await walk(OWNER, { firm: 'quist', step: 'work' }, (server) =>
      server.on('createProject', () => ({ project: projects[0]!, client: clients[0]! })),
    );
    expect(page.text('h1')).toBe('First work');
    await send(page);
    expect(page.texts('[role=alert]').length).toBe(2);
    await fill(page, 'Client', 'Quay Trust');
    await fill(page, 'Project', 'Boat house');
    await send(page);
    const [sent] = page.server.to('createProject');
    expect(sent!.params).toEqual({ firm: 'quist' });
    expect(sent!.body).toEqual(
      jasmine.objectContaining({ name: 'Boat house', client: jasmine.objectContaining({ name: 'Quay Trust' }) }),
    );
    expect(TestBed.inject(Router).url).toBe('/found?firm=quist&step=people');
    await TestBed.inject(Router).navigateByUrl('/found');
    await page.press('Later');
    expect(TestBed.inject(Router).url).toBe('/found?firm=quist&step=people');
  });

  it('invites people one after the other, and ends in the week', async () => {
    await walk(OWNER, { firm: 'quist', step: 'people' }, (server) => server.on('invitePerson', () => null));
    expect(page.button('Nobody yet, to my week')).toBeTruthy();
    await fill(page, 'Name', 'Piers Stell');
    await fill(page, 'E-mail', 'piers');
    await send(page);
    expect(page.text('[role=alert]')).toContain('Type their e-mail address');
    box(page, 'E-mail').focus();
    await fill(page, 'E-mail', 'piers@stell.example');
    await send(page);
    const [sent] = page.server.to('invitePerson');
    expect([sent!.params, sent!.body]).toEqual([
      { firm: 'quist' },
      jasmine.objectContaining({ name: 'Piers Stell', email: 'piers@stell.example', role: 'staff' }),
    ] as never);
    expect(page.text('[role=status]')).toContain('Invited: Piers Stell');
    // The next one begins empty, and nothing is wrong with it yet.
    expect([box(page, 'Name').value, box(page, 'E-mail').value, page.texts('[role=alert]')]).toEqual(['', '', []] as never);
    expect(document.activeElement).toBe(box(page, 'Name'));
    await page.press('To my week');
    expect(TestBed.inject(Router).url).toBe('/f/quist/record');
  });
});

describe('the link of a message', () => {
  withWork();
  let page: Page<Verify | Join>;
  afterEach(() => page.element.remove());
  const linked = (fragment: string | null) => {
    if (!jasmine.isSpy(window.history.replaceState)) spyOn(window.history, 'replaceState');
    return [{ provide: ActivatedRoute, useValue: { fragment: new BehaviorSubject(fragment) } }];
  };
  async function verify(fragment: string | null, prepare: (server: FakeServer) => void = () => undefined) {
    page = await open(Verify, { url: '/verify', roles: [], providers: linked(fragment), prepare });
    await page.settle(20);
  }
  async function join(session: Session, known: boolean, prepare: (server: FakeServer) => void = () => undefined) {
    page = await open(Join, {
      ...{ url: '/join', roles: [], providers: linked('token-1') },
      prepare: (server) => {
        const to = { firm: 'Quist', sender: 'Nora Quist', name: 'Piers Stell', email: 'piers@stell.example', known };
        server
          .on('readSession', () => session)
          .on('readInvitation', () => to)
          .on('readTexts', () => TEXTS);
        prepare(server);
      },
    });
    TestBed.inject(Store).dispatch(sessionActions.known({ session }));
    await page.settle(20);
  }

  it('makes the account, and leads to founding', async () => {
    await verify('token-1', (server) => server.on('verifyAddress', () => NORA));
    expect(page.server.to('verifyAddress').map(({ body }) => body)).toEqual([{ token: 'token-1' }]);
    expect(window.history.replaceState).toHaveBeenCalledWith(null, '', '/verify');
    expect(TestBed.inject(Router).url).toBe('/found');
  });

  it('asks for the password in another browser', async () => {
    let tries = 0;
    await verify('token-1', (server) =>
      server.on('verifyAddress', ({ body }) => {
        tries += 1;
        return body.password === 'right words' ? NORA : refusal(401, 'password-needed', 'Type the password of there.');
      }),
    );
    expect(page.refused()).toBe('');
    await fill(page, 'Password', 'wrong words');
    await send(page);
    expect(page.refused()).toBe('Type the password of there.');
    await fill(page, 'Password', 'right words');
    await send(page);
    expect([tries, TestBed.inject(Router).url]).toEqual([3, '/found']);
  });

  it('says that it works no more, or was cut off', async () => {
    await verify('token-1', (server) => server.on('verifyAddress', () => refusal(410, 'link-ended', 'It was used.')));
    expect(page.refused()).toBe('It was used.');
    expect(page.element.querySelector('a[href="/found"]')).not.toBeNull();
    page.element.remove();
    TestBed.resetTestingModule();
    await verify(null);
    expect(page.text('[role=alert]')).toContain('not whole');
  });

  it('has somebody new join with an account', async () => {
    await join(STRANGER, false, (server) => server.on('joinFirm', () => ({ slug: 'quist', session: OWNER })));
    expect(page.text('h1')).toBe('Join Quist');
    expect(page.text()).toContain('Nora Quist invites Piers Stell');
    expect(box(page, 'Your name').value).toBe('Piers Stell');
    await fill(page, 'Password', 'plum ladder seven');
    await send(page);
    expect(page.text('[role=alert]')).toContain('tick the box');
    await tick(page, 'I agree');
    await send(page);
    expect(page.server.to('joinFirm').map(({ body }) => body)).toEqual([
      { token: 'token-1', account: { name: 'Piers Stell', password: 'plum ladder seven', consents: CONSENTS } },
    ]);
    expect(TestBed.inject(Router).url).toBe('/f/quist/record');
  });

  it('has somebody with an account sign in first', async () => {
    await join(STRANGER, true, (server) =>
      server.on('signIn', () => NORA).on('joinFirm', () => ({ slug: 'quist', session: OWNER })),
    );
    await fill(page, 'Password', 'my own words');
    await send(page);
    expect(page.server.to('signIn')[0]!.body).toEqual({ email: 'piers@stell.example', password: 'my own words' });
    expect(page.server.to('joinFirm')[0]!.body).toEqual({ token: 'token-1', account: null });
    expect(TestBed.inject(Router).url).toBe('/f/quist/record');
  });

  it('has who is signed in join as oneself, or sign out', async () => {
    let refused = true;
    await join(NORA, false, (server) =>
      server
        .on('joinFirm', () => (refused ? refusal(409, 'already-member', 'As somebody else.') : { slug: 'quist', session: OWNER }))
        .on('signOut', () => STRANGER),
    );
    await page.press('Join as Nora Quist');
    expect(page.refused()).toBe('As somebody else.');
    refused = false;
    await page.press('Join as Nora Quist');
    await page.settle(20);
    expect(TestBed.inject(Router).url).toBe('/f/quist/record');
    await page.press(/sign out/);
    await page.settle(20);
    expect(page.element.querySelector('form')).not.toBeNull();
  });

  it('says that an invitation is over', async () => {
    await join(STRANGER, false, (server) => server.on('readInvitation', () => refusal(410, 'link-ended', 'It was used.')));
    expect(page.refused()).toBe('It was used.');
    expect(page.element.querySelector('form')).toBeNull();
  });
});

describe('the texts that one agrees to', () => {
  it('stand on a page, with their versions', async () => {
    const page = await open(TextsPage, { url: '/texts', roles: [], prepare: (server) => server.on('readTexts', () => TEXTS) });
    await page.settle(20);
    expect(page.texts('h1')).toEqual(['Terms', 'Data']);
    expect(page.texts('section:last-child p')).toEqual(['Little is kept.', 'Ask.', 'Version d1']);
    page.element.remove();
  });
});
