import { HttpErrorResponse, HttpEvent, HttpRequest, HttpResponse, HttpBackend, provideHttpClient } from '@angular/common/http';
import { EnvironmentProviders, Injectable, Provider, Type, provideZonelessChangeDetection } from '@angular/core';
import { ComponentFixture, DeferBlockBehavior, TestBed } from '@angular/core/testing';
import { Router, Routes, provideRouter, withComponentInputBinding } from '@angular/router';
import { Store, provideState, provideStore } from '@ngrx/store';
import { FirmFunction, PeriodRule, Role, WEEKS, rightsOf } from '@yellowwood/core';
import type { AnswerOf, BodyOf, EndpointName, Endpoints, KnownWork, Me, Problem, QueryOf, Work } from '@yellowwood/contracts';
import { Observable, defer } from 'rxjs';
import { Api } from '../api/api';
import { checks } from '../api/generated/checks';
import { addresses } from '../api/generated/endpoints';
import { loadQuestion } from '../ui/ask';
import { loadDialogs } from '../ui/dialogs';
import { loadBar } from '../ui/notices';
import { sessionActions, sessionFeature } from '../state/session';
import { Refresh } from '../state/refresh';
import { timersFeature } from '../state/timers';
import { workActions, workFeature } from '../state/work';
import { firmsWork } from './firms-work';

/** What a request carried, as the server of the tests gets it. */
export interface Sent<N extends EndpointName = EndpointName> {
  readonly name: N;
  readonly params: Readonly<Record<string, string>>;
  readonly query: QueryOf<Endpoints[N]>;
  readonly body: BodyOf<Endpoints[N]>;
  readonly version: string | null;
}

type Answering = (sent: Sent) => unknown;

/** A refusal, as the server words it. */
export function refusal(status: number, code: string, detail: string): Problem {
  return { type: `/problems/${code}`, title: code, status, detail, code } as Problem;
}

type Answered<N extends EndpointName> = AnswerOf<Endpoints[N]> | Problem;

/** A request that nobody answers: it may have arrived all the same. */
export const NO_ANSWER = () => Promise.reject(new HttpErrorResponse({ status: 0 }));

/**
 * Stands where the network begins: the page's own client builds, checks and sends its requests, and the
 * answers are typed by the contracts. A request that nobody expected fails the test.
 */
@Injectable({ providedIn: 'root' })
export class FakeServer implements HttpBackend {
  /** The work of the firm, from which it is listed, found and named. */
  work: KnownWork & Omit<Work, 'known'> = WORK;
  private readonly answers = new Map<EndpointName, Answering>();
  /** Everything that was asked, in order. */
  readonly sent: Sent[] = [];
  /** What every request waits for on its way there, and again on its way back. */
  onTheWay: () => Promise<unknown> = () => Promise.resolve();

  constructor() {
    firmsWork(this, () => this.work);
  }

  /** Says how an endpoint answers from now on, at once or in its time; a problem is sent as a refusal. */
  on<N extends EndpointName>(name: N, answer: (sent: Sent<N>) => Answered<N> | Promise<Answered<N>>): this {
    this.answers.set(name, answer as unknown as Answering);
    return this;
  }

  /** The requests to one endpoint. */
  to<N extends EndpointName>(name: N): Sent<N>[] {
    return this.sent.filter((one) => one.name === name) as unknown as Sent<N>[];
  }

  handle(request: HttpRequest<unknown>): Observable<HttpEvent<unknown>> {
    return defer(async () => {
      const sent = read(request);
      this.sent.push(sent);
      await this.onTheWay();
      const answering = this.answers.get(sent.name);
      if (!answering) throw new Error(`${sent.name} was asked, and the test has no answer`);
      const body = await answering(sent);
      await this.onTheWay();
      const problem = body as Problem | null;
      if (problem && typeof problem === 'object' && 'code' in problem && 'status' in problem)
        throw new HttpErrorResponse({ status: problem.status, error: problem, url: request.url });
      return new HttpResponse({ status: 200, body: structuredClone(body) });
    });
  }
}

function read(request: HttpRequest<unknown>): Sent {
  const path = request.url.replace(/^\/api/, '');
  for (const name of Object.keys(addresses) as EndpointName[]) {
    const address = addresses[name];
    const names = [...address.path.matchAll(/:(\w+)/g)].map((match) => match[1]!);
    const found = new RegExp(`^${address.path.replace(/:(\w+)/g, '([^/]+)')}$`).exec(path);
    if (!found || address.method !== request.method) continue;
    return {
      name,
      params: Object.fromEntries(names.map((one, index) => [one, decodeURIComponent(found[index + 1]!)])),
      query: Object.fromEntries(request.params.keys().map((key) => [key, request.params.get(key)])) as never,
      body: request.body as never,
      version: request.headers.get('If-Match'),
    };
  }
  throw new Error(`no endpoint has the address ${request.method} ${request.url}`);
}

/** Ids of things that tests name. */
export const id = (number: number) => `0193b1f0-0000-7000-8000-${String(number).padStart(12, '0')}`;

export const ME = id(1);
/** What the parts of Material still read of a key. */
const CODES: Readonly<Record<string, number>> = {
  ...{ Tab: 9, Enter: 13, Escape: 27, ' ': 32, End: 35, Home: 36, ArrowLeft: 37, ArrowUp: 38, ArrowRight: 39, ArrowDown: 40 },
};

export const TODAY = '2026-06-10';

/** A project of which nobody says when it begins, ends, or how much of it is done. */
export const NO_DAYS = { startsOn: null, endsOn: null, complete: null };

/** What is said of a project under way. */
export const UNDER_WAY = { state: 'Open', open: true, takesTime: true, named: null, archived: false, ...NO_DAYS };

/** One client with a project of two tasks, and a department. */
export const WORK = {
  clients: [{ id: id(10), name: 'Harbour Trust', currency: 'GBP', archived: false }],
  departments: [{ id: id(11), name: 'Practice' }],
  projects: [
    {
      id: id(20),
      clientId: id(10),
      departmentId: null,
      name: 'Pier',
      shown: 'Pier',
      code: 'P1',
      orderReference: '',
      tone: 3,
      ...UNDER_WAY,
      billable: true,
      managerId: id(2),
    },
    {
      id: id(21),
      clientId: null,
      departmentId: id(11),
      name: 'Running the office',
      shown: 'Running the office',
      code: 'P2',
      orderReference: '',
      tone: 4,
      ...UNDER_WAY,
      billable: false,
      managerId: id(2),
    },
  ],
  tasks: [
    { id: id(30), projectId: id(20), parentId: null, name: 'Survey of piles', kind: 'task', open: true },
    { id: id(31), projectId: id(20), parentId: id(30), name: 'Soundings', kind: 'task', open: true },
  ],
  people: [] as KnownWork['people'],
  lately: [] as Work['lately'],
  services: [
    { id: id(40), code: 'S', name: 'Survey', kind: 'direct', billable: true },
    { id: id(41), code: 'O', name: 'Office', kind: 'indirect', billable: false },
  ],
} satisfies KnownWork & Omit<Work, 'known'>;

/** What recording begins with, of some work. */
export function workOf({ lately, services, ...known }: KnownWork & Omit<Work, 'known'> = WORK): Work {
  return { lately, services, known };
}

export function me(...roles: Role[]): Me {
  return {
    person: { id: ME, version: 3, name: 'Anna Test', zone: 'Europe/London', position: null },
    roles,
    ownRoles: [],
    rights: rightsOf(roles),
    ways: ['timer', 'length', 'span'],
    toConfirm: null,
    firm: {
      slug: 'f',
      name: 'Firm',
      currency: 'GBP',
      country: 'GB',
      zone: 'Europe/London',
      gapTolerance: 900,
      forms: { dates: null, clock: null, numbers: null },
      words: {},
      workText: 'name',
      off: [],
      period: { ...WEEKS, from: null, earlier: [] },
    },
    today: TODAY,
    guide: false,
    views: {},
  };
}

/** Providers of a page with its real client, address and store, and the server of the tests. */
export function pageProviders(routes: Routes = [{ path: '**', children: [] }]): (Provider | EnvironmentProviders)[] {
  return [
    provideZonelessChangeDetection(),
    provideRouter(routes, withComponentInputBinding()),
    provideHttpClient(),
    { provide: HttpBackend, useExisting: FakeServer },
    provideStore(),
    provideState(sessionFeature),
    provideState(workFeature),
    provideState(timersFeature),
  ];
}

/** A part of the page as somebody sees it. */
export class Page<C> {
  readonly element: HTMLElement;

  constructor(
    readonly fixture: ComponentFixture<C>,
    readonly server: FakeServer,
  ) {
    this.element = fixture.nativeElement as HTMLElement;
  }

  /** Waits until nothing is asked and nothing is to be drawn any more. */
  async settle(milliseconds = 5): Promise<void> {
    await this.fixture.whenStable();
    await new Promise((resolve) => setTimeout(resolve, milliseconds));
    await this.fixture.whenStable();
    expect(this.empty()).withContext('elements that hold nothing').toEqual([]);
    expect(this.crooked()).withContext('rows with other columns than their table').toEqual([]);
  }

  /** Rows that are wider or narrower than the head of their table. */
  private crooked(): string[] {
    const width = (row: HTMLTableRowElement) => [...row.cells].reduce((all, cell) => all + cell.colSpan, 0);
    return [...this.element.querySelectorAll('table')].flatMap((table) => {
      const head = table.tHead?.rows[0];
      const rows = [...table.tBodies].flatMap((body) => [...body.rows]);
      return head ? rows.filter((row) => width(row) !== width(head)).map((row) => row.outerHTML.slice(0, 200)) : [];
    });
  }

  /** What should say something and holds nothing: left over where there is nothing to say. Where news will stand may wait. */
  private empty(): string[] {
    return [...this.element.querySelectorAll('p:not([role=status]), h1, h2, h3, button:not([aria-label]), dt, dd, li')]
      .filter((one) => one.childElementCount === 0 && one.textContent!.trim() === '')
      .map((one) => one.outerHTML);
  }

  /** The words of the first thing that a selector finds, spaces taken together. */
  text(selector?: string): string {
    const found = selector ? this.element.querySelector(selector) : this.element;
    return (found?.textContent ?? '').replace(/\s+/g, ' ').trim();
  }

  texts(selector: string): string[] {
    return [...this.element.querySelectorAll(selector)].map((one) => (one.textContent ?? '').replace(/\s+/g, ' ').trim());
  }

  /** The button with these words, also in a dialog over the page. */
  button(words: string | RegExp): HTMLButtonElement {
    const all = [
      ...this.element.querySelectorAll('button'),
      ...document.querySelectorAll<HTMLButtonElement>('.cdk-overlay-container button'),
    ];
    const fits = (text: string) => (typeof words === 'string' ? text === words : words.test(text));
    const found = all.find(
      (one) => fits((one.textContent ?? '').replace(/\s+/g, ' ').trim()) || fits(one.getAttribute('aria-label') ?? ''),
    );
    if (!found)
      throw new Error(`there is no button ${words}; there are ${all.map((one) => one.textContent?.trim()).join(' | ')}`);
    return found;
  }

  async press(words: string | RegExp): Promise<void> {
    this.button(words).click();
    await this.settle();
  }

  /** Has the firm leave functions out of sight. */
  async without(...off: FirmFunction[]): Promise<void> {
    const store = TestBed.inject(Store);
    const known = store.selectSignal(sessionFeature.selectMe)()!;
    store.dispatch(sessionActions.meRead({ me: { ...known, firm: { ...known.firm, off } } }));
    await this.settle();
  }

  /** Types into a box, replacing what is there. */
  async type(selector: string, text: string, event = 'input'): Promise<void> {
    const box = (this.element.querySelector(selector) ??
      document.querySelector(`.cdk-overlay-container ${selector}`)) as HTMLInputElement;
    box.value = text;
    box.dispatchEvent(new Event(event, { bubbles: true }));
    await this.settle();
  }

  /** Fills the box with this label as a person does: there, and on. */
  async fill(label: string, text: string): Promise<void> {
    const field = [...this.element.querySelectorAll('label')].find((one) => one.textContent!.trim() === label)!
      .control as HTMLInputElement;
    field.focus();
    field.value = text;
    field.dispatchEvent(new Event('input', { bubbles: true }));
    field.dispatchEvent(new Event('change', { bubbles: true }));
    field.blur();
    await this.settle(120);
  }

  /** Types into a field that finds things, and gives what it offers. */
  async find(text: string, selector = 'input'): Promise<string[]> {
    this.element.querySelector<HTMLElement>(selector)!.focus();
    await this.type(selector, text);
    await this.settle(30);
    return this.offered();
  }

  /** What stands in the list that is open. */
  offered(): string[] {
    return [...document.querySelectorAll('mat-option')].map((one) => one.textContent!.replace(/\s+/g, ' ').trim());
  }

  /** Takes a word from the choice with this label. */
  async choose(label: string, word: string): Promise<void> {
    const fields = [...this.element.querySelectorAll('yw-choice-field')];
    const field = fields.find((one) => one.querySelector('label')!.textContent === label)!;
    if (!document.querySelector('.mat-mdc-select-panel')) field.querySelector<HTMLElement>('.mat-mdc-select-trigger')!.click();
    await this.settle(20);
    const options = [...document.querySelectorAll<HTMLElement>('.mat-mdc-select-panel mat-option')];
    options.find((one) => one.textContent!.trim() === word)!.click();
    await this.settle(20);
    // The list fades; another one is looked at when it is gone.
    for (let tries = 0; tries < 25 && document.querySelector('.mat-mdc-select-panel'); tries += 1) await this.settle(20);
  }

  async key(target: Element, key: string, modifiers: KeyboardEventInit = {}): Promise<void> {
    const keyCode = CODES[key] ?? 0;
    target.dispatchEvent(new KeyboardEvent('keydown', { key, keyCode, bubbles: true, cancelable: true, ...modifiers }));
    await this.settle();
  }

  /** Answers the dialog that asks: writes the words, presses the button. */
  async answer(button: string, words?: string): Promise<void> {
    await this.settle(20);
    if (words !== undefined) await this.type('mat-dialog-container textarea', words);
    const found = [...document.querySelectorAll<HTMLButtonElement>('mat-dialog-container button')].find(
      (one) => one.textContent!.trim() === button,
    );
    if (!found) throw new Error(`no dialog asks with ${button}`);
    found.click();
    await this.settle(200);
  }

  /** Takes back what the notice at the foot tells. */
  async undo(): Promise<void> {
    [...document.querySelectorAll<HTMLButtonElement>('mat-snack-bar-container button')].at(-1)!.click();
    await this.settle(30);
  }

  /** People whose time may be read, as if they had just become known. */
  async knows(...people: { id: string; name: string }[]): Promise<void> {
    this.server.work = { ...this.server.work, people: people.map((one) => ({ ...one, position: null })) };
    TestBed.inject(Store).dispatch(workActions.workLearned({ known: this.server.work }));
    TestBed.inject(Refresh).written();
    await this.settle(30);
  }

  /** What is told beside what was pressed, because it was refused. */
  refused(): string {
    return this.text('yw-failure [role=alert]');
  }

  /** What the notice at the foot says. */
  notice(): string {
    const bars = document.querySelectorAll('mat-snack-bar-container');
    return (bars[bars.length - 1]?.textContent ?? '').replace(/\s+/g, ' ').trim();
  }
}

/**
 * Looks at the window before anything is drawn: the first focus inside it also tells the window, and the page reads
 * again when it is looked at.
 */
function look(): void {
  if (document.hasFocus()) return;
  const something = document.body.appendChild(document.createElement('button'));
  something.focus();
  something.remove();
}

/** Opens a part of the page at an address, as somebody with roles, in a firm with work. */
export async function open<C>(
  component: Type<C>,
  options: {
    url: string;
    roles: Role[];
    inputs?: Record<string, unknown>;
    prepare?: (server: FakeServer) => void;
    providers?: Provider[];
    /** The firm's periods; weeks from Monday unless said otherwise. */
    period?: PeriodRule;
    /** Whether the page was there before: what it keeps for a reload is still there. */
    again?: boolean;
    /** Whether the work is still to be read. */
    workless?: boolean;
    /** Whether what is deferred waits until the test says how it goes. */
    waiting?: boolean;
  },
): Promise<Page<C>> {
  look();
  if (!options.again) sessionStorage.clear();
  TestBed.configureTestingModule({
    providers: [...pageProviders(), ...(options.providers ?? [])],
    deferBlockBehavior: options.waiting ? DeferBlockBehavior.Manual : DeferBlockBehavior.Playthrough,
  });
  const server = TestBed.inject(FakeServer);
  options.prepare?.(server);
  // What the page fetches some seconds in is there from the beginning: a test waits for what it is about.
  await Promise.all([
    ...Object.keys(checks).map((domain) => TestBed.inject(Api).prepare(domain)),
    ...[loadBar, loadDialogs, loadQuestion].map((load) => load()),
  ]);
  const store = TestBed.inject(Store);
  const own = me(...options.roles);
  const period = { from: null, ...(options.period ?? own.firm.period), earlier: (options.period?.earlier ?? []) as never[] };
  store.dispatch(sessionActions.meRead({ me: { ...own, firm: { ...own.firm, period } } }));
  if (!options.workless) store.dispatch(workActions.workKnown({ work: workOf(server.work) }));
  await TestBed.inject(Router).navigateByUrl(options.url);
  const fixture = TestBed.createComponent(component);
  for (const [name, value] of Object.entries(options.inputs ?? {})) fixture.componentRef.setInput(name, value);
  document.body.appendChild(fixture.nativeElement as HTMLElement);
  const page = new Page(fixture, server);
  await page.settle();
  return page;
}
