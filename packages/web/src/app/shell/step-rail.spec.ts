import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { Store, provideState, provideStore } from '@ngrx/store';
import { FirmFunction, Permission, Role, WEEKS, rightsOf } from '@yellowwood/core';
import type { Me, Overview } from '@yellowwood/contracts';
import { sessionActions, sessionFeature } from '../state/session';
import { workActions, workFeature } from '../state/work';
import { StepRail } from './step-rail';

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

  it('has no step that the firm does not use, but where something still waits there', async () => {
    const without = async (off: FirmFunction[], overview: Overview) => {
      const owner = me('owner');
      store.dispatch(sessionActions.meRead({ me: { ...owner, firm: { ...owner.firm, off } } }));
      store.dispatch(workActions.overviewKnown({ overview }));
      return (await drawn()).map((line) => line.split(':')[0]);
    };
    expect(await without(['invoices', 'review'], OVERVIEW)).toEqual(['Record', 'Review', 'Results']);
    const decided = { ...OVERVIEW, review: { ...OVERVIEW.review!, submitted: 0, people: 0 } };
    expect(await without(['review'], decided)).toEqual(['Record', 'Bill', 'Collect', 'Results']);
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
});
