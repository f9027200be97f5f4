import { provideZonelessChangeDetection } from '@angular/core';
import { ComponentFixture, TestBed } from '@angular/core/testing';
import { Router, provideRouter } from '@angular/router';
import { Store, provideState, provideStore } from '@ngrx/store';
import { Permission, Role, WEEKS, rightsOf } from '@yellowwood/core';
import type { Me, Overview } from '@yellowwood/contracts';
import { sessionActions, sessionFeature } from '../state/session';
import { workActions, workFeature } from '../state/work';
import { StepRail } from './step-rail';
import { ScopeTree } from './scope-tree';

const OVERVIEW: Overview = {
  scope: 'all',
  today: '2026-06-10',
  record: {
    from: '2026-06-08',
    to: '2026-06-14',
    recorded: 120_600,
    planned: 135_000,
    open: 45_900,
    others: true,
    returned: 0,
    returnedOn: null,
  },
  review: { submitted: 1_070_100, people: 8, oldest: null, own: null },
  bill: {
    ready: [
      { currency: 'EUR', minor: 98_050 },
      { currency: 'GBP', minor: 4_187_099 },
    ],
    over: [],
    unpriced: 3,
    oldest: null,
  },
  collect: { open: [{ currency: 'GBP', minor: 1_842_000, late: 310_000 }] },
  results: { from: '2026-04-01', to: '2026-06-10', margin: 314_000, billableShare: 810_000 },
  bars: [],
};

function me(...roles: Role[]): Me {
  return {
    person: { id: 'me', name: 'Anna Test', zone: 'Europe/London', position: null },
    roles,
    rights: rightsOf(roles),
    firm: { slug: 'f', name: 'Firm', currency: 'GBP', zone: 'Europe/London', gapTolerance: 0, period: WEEKS },
    today: '2026-06-10',
  } as Me;
}

describe('the frame', () => {
  let store: Store;

  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideRouter([{ path: '**', children: [] }]),
        provideStore(),
        provideState(sessionFeature),
        provideState(workFeature),
      ],
    });
    store = TestBed.inject(Store);
  });

  async function rail(roles: Role[], overview: Overview): Promise<string[]> {
    store.dispatch(sessionActions.meRead({ me: me(...roles) }));
    store.dispatch(workActions.overviewKnown({ overview }));
    return drawn();
  }

  async function drawn(): Promise<string[]> {
    const fixture = TestBed.createComponent(StepRail);
    await fixture.whenStable();
    return [...(fixture.nativeElement as HTMLElement).querySelectorAll('nav a')].map(
      (link) => `${link.querySelector('b')!.textContent}: ${link.querySelector('span')!.textContent!.trim()}`,
    );
  }

  it('shows what waits at each step, one figure a currency, with its period', async () => {
    expect(await rail(['owner'], OVERVIEW)).toEqual([
      'Record: 33:30 of 37:30, week 24',
      'Review: 297:15 from 8 people',
      'Bill: €981 and £41,871 ready',
      'Collect: £18,420 due, £3,100 late',
      'Results: 31.4% margin, this quarter',
    ]);
  });

  it('follows the scope, and says what was returned', async () => {
    const scoped = await rail(['owner'], {
      ...OVERVIEW,
      scope: 'project:0193b1f0-0000-7000-8000-000000000001',
      bill: { ready: [], over: [], unpriced: 3, oldest: null },
      collect: { open: [] },
      results: { ...OVERVIEW.results!, from: null, to: null },
    });
    expect(scoped).toEqual([
      'Record: 12:45 open, to 10 Jun',
      'Review: 297:15 from 8 people',
      'Bill: 3 without a rate',
      'Collect: nothing due',
      'Results: 31.4% margin, to date',
    ]);
    const returned = await rail(['staff'], {
      ...OVERVIEW,
      record: { ...OVERVIEW.record!, returned: 2, returnedOn: '2026-06-03' },
      review: { submitted: 0, people: 0, oldest: null, own: 'submitted' },
      bill: null,
      collect: null,
      results: { ...OVERVIEW.results!, margin: null },
    });
    expect(returned).toEqual(['Record: 2 returned, week 23', 'Review: week 24 submitted', 'Results: 81% billable, this quarter']);
  });

  it('has only the steps that concern a person', async () => {
    const names = (texts: string[]) => texts.map((text) => text.split(':')[0]);
    expect(names(await rail(['staff'], OVERVIEW))).toEqual(['Record', 'Review', 'Results']);
    expect((await rail(['manager'], OVERVIEW)).length).toBe(5);
    // By right, not by role: who only reviews, who only records, who only reads invoices or results.
    const steps = async (right: Permission) => {
      store.dispatch(sessionActions.meRead({ me: { ...me('staff'), rights: { [right]: 'firm' } } }));
      return names(await drawn());
    };
    expect(await steps('time.review')).toEqual(['Review']);
    expect(await steps('time.record')).toEqual(['Record', 'Review']);
    expect(await steps('invoices.read')).toEqual(['Bill', 'Collect']);
    expect(await steps('results.read')).toEqual(['Results']);
  });

  describe('the scope tree', () => {
    let fixture: ComponentFixture<ScopeTree>;
    const names = () =>
      [...(fixture.nativeElement as HTMLElement).querySelectorAll('.line .node > span:first-child')].map(
        (one) => one.textContent,
      );

    beforeEach(async () => {
      const project = (id: string, name: string, clientId: string) => ({
        id,
        clientId,
        departmentId: null,
        name,
        code: id,
        tone: 1,
        open: true,
        billable: true,
        managerId: 'm',
      });
      store.dispatch(
        workActions.workKnown({
          work: {
            clients: [
              { id: 'c1', name: 'Saltmere Harbour Trust', currency: 'GBP' },
              { id: 'c2', name: 'Parish of St Osric', currency: 'GBP' },
            ],
            departments: [],
            projects: [project('p1', 'Lantern room repair', 'c1'), project('p2', 'Bell frame survey', 'c2')],
            tasks: [
              { id: 't1', projectId: 'p1', parentId: null, name: 'Glazing bars', kind: 'phase', open: true },
              { id: 't2', projectId: 'p1', parentId: 't1', name: 'Žlutá tier', kind: 'task', open: true },
            ],
            services: [],
          },
        }),
      );
      store.dispatch(
        workActions.overviewKnown({
          overview: {
            ...OVERVIEW,
            bars: [{ id: 'p1', stages: { recorded: 60, submitted: 0, approved: 0, billed: 0, paid: 0 }, ended: 0 }],
          },
        }),
      );
      fixture = TestBed.createComponent(ScopeTree);
      await fixture.whenStable();
    });

    it('opens by hand, and shows a bar where hours are', async () => {
      expect(names()).toEqual(['Saltmere Harbour Trust', 'Lantern room repair', 'Parish of St Osric', 'Bell frame survey']);
      (fixture.nativeElement as HTMLElement).querySelector<HTMLElement>('[aria-label="Open Lantern room repair"]')!.click();
      await fixture.whenStable();
      expect(names()).toContain('Glazing bars');
      expect(names()).not.toContain('Žlutá tier');
      expect((fixture.nativeElement as HTMLElement).querySelectorAll('yw-stage-bar').length).toBe(1);
    });

    it('holds the people whose time one may read, folded until they are wanted', async () => {
      expect(names()).not.toContain('People');
      const people = ['Rosa Vane', 'Ben Holt'].map((name, index) => ({ id: `x${index}`, name, position: null, teams: [] }));
      store.dispatch(workActions.peopleKnown({ people }));
      await fixture.whenStable();
      expect(names().at(-1)).toBe('People');
      const fold = [...(fixture.nativeElement as HTMLElement).querySelectorAll<HTMLElement>('.line.people button')].at(-1)!;
      fold.click();
      await fixture.whenStable();
      expect(names().slice(-2)).toEqual(['Rosa Vane', 'Ben Holt']);
      (fixture.nativeElement as HTMLElement).querySelector<HTMLElement>('.line.person button')!.click();
      await new Promise((resolve) => setTimeout(resolve, 20));
      await fixture.whenStable();
      expect(TestBed.inject(Router).url).toContain('scope=person:x0');
    });

    it('finds by any part of a name, with or without accents, and shows the way to it', async () => {
      const find = (fixture.nativeElement as HTMLElement).querySelector<HTMLInputElement>('.find')!;
      find.value = 'zluta';
      find.dispatchEvent(new Event('input'));
      await fixture.whenStable();
      expect(names()).toEqual(['Saltmere Harbour Trust', 'Lantern room repair', 'Glazing bars', 'Žlutá tier']);
      find.value = 'nothing like it';
      find.dispatchEvent(new Event('input'));
      await fixture.whenStable();
      expect((fixture.nativeElement as HTMLElement).textContent).toContain('Nothing of that name.');
    });
  });
});
