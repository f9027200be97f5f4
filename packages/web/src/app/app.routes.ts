import { inject } from '@angular/core';
import { CanActivateFn, Router, Routes } from '@angular/router';
import { Store } from '@ngrx/store';
import { filter, firstValueFrom } from 'rxjs';
import { Api } from './api/api';
import { codeOf } from './api/problem-error';
import type { FirmFunction } from '@yellowwood/core';
import { Functions } from './state/functions';
import { sessionActions, sessionFeature } from './state/session';

/** Reads who is signed in once; sends everybody else to the sign-in page, with the way back, or where nobody is yet to founding. */
const signedIn: CanActivateFn = async (_route, state) => {
  const [store, router] = [inject(Store), inject(Router)];
  const session = await sessionOf(store);
  if (session.account) return true;
  if (session.founding === 'first') return router.createUrlTree(['/found']);
  return router.createUrlTree(['/sign-in'], { queryParams: state.url === '/' ? {} : { back: state.url } });
};

async function sessionOf(store: Store) {
  store.dispatch(sessionActions.read());
  return firstValueFrom(store.select(sessionFeature.selectSession).pipe(filter((session) => session !== null)));
}

/** The first firm of somebody who comes without naming one; who has none may found one. */
const toFirm: CanActivateFn = async () => {
  const [store, router] = [inject(Store), inject(Router)];
  const session = await sessionOf(store);
  const first = session.firms[0];
  return first ? router.createUrlTree(['/f', first.slug, 'record']) : router.createUrlTree(['/found']);
};

/** Opens a firm: who one is there, with which rights. */
const inFirm: CanActivateFn = async (route, state) => {
  const [store, router, api] = [inject(Store), inject(Router), inject(Api)];
  try {
    const me = await api.call('readMe', { params: { firm: route.params['firm'] as string } });
    store.dispatch(sessionActions.meRead({ me }));
    // Who records no time begins with what there is to read.
    const records = me.rights['time.record'] !== undefined || /[?&]as=/.test(state.url);
    return records || !/\/record\b/.test(state.url) || router.createUrlTree(['/f', me.firm.slug, 'results']);
  } catch (error) {
    if (codeOf(error) === 'not-confirmed') return router.createUrlTree(['/waiting'], { queryParams: { back: state.url } });
    if (codeOf(error) === 'second-factor-needed')
      return router.createUrlTree(['/second-factor'], { queryParams: { back: state.url } });
    return router.createUrlTree(['/sign-in'], {
      queryParams: codeOf(error) === 'firm-unknown' ? { unknown: route.params['firm'] as string } : {},
    });
  }
};

/** What a firm leaves out of sight leads to where everybody may be. */
const uses = (one: FirmFunction): CanActivateFn => {
  return (route) => {
    const [functions, router] = [inject(Functions), inject(Router)];
    return functions.has(one) || router.createUrlTree(['/f', route.parent!.params['firm'], 'record']);
  };
};

export const routes: Routes = [
  { path: 'sign-in', title: 'Sign in · Yellowwood', loadComponent: () => import('./sign-in/sign-in').then((m) => m.SignIn) },
  {
    path: 'forgotten',
    title: 'Forgotten password · Yellowwood',
    loadComponent: () => import('./sign-in/forgotten').then((m) => m.Forgotten),
  },
  { path: 'reset', title: 'A new password · Yellowwood', loadComponent: () => import('./sign-in/reset').then((m) => m.Reset) },
  {
    path: 'address',
    title: 'Your new address · Yellowwood',
    loadComponent: () => import('./sign-in/new-address').then((m) => m.NewAddress),
  },
  {
    path: 'second-factor',
    title: 'A second factor · Yellowwood',
    canActivate: [signedIn],
    loadComponent: () => import('./sign-in/factor-needed').then((m) => m.FactorNeeded),
  },
  { path: 'found', title: 'Found a firm · Yellowwood', loadComponent: () => import('./found/found').then((m) => m.Found) },
  { path: 'verify', title: 'Your address · Yellowwood', loadComponent: () => import('./found/verify').then((m) => m.Verify) },
  { path: 'join', title: 'Join · Yellowwood', loadComponent: () => import('./found/join').then((m) => m.Join) },
  {
    path: 'link',
    title: 'Join · Yellowwood',
    loadComponent: () => import('./found/join-by-link').then((m) => m.JoinByLink),
  },
  {
    path: 'waiting',
    title: 'You have joined · Yellowwood',
    canActivate: [signedIn],
    loadComponent: () => import('./found/waiting').then((m) => m.Waiting),
  },
  { path: 'texts', title: 'Terms and data · Yellowwood', loadComponent: () => import('./found/texts').then((m) => m.TextsPage) },
  {
    path: 'f/:firm',
    canActivate: [signedIn, inFirm],
    loadComponent: () => import('./shell/shell').then((m) => m.Shell),
    children: [
      {
        path: 'record',
        title: 'Record · Yellowwood',
        loadComponent: () => import('./record/record').then((m) => m.RecordScreen),
      },
      {
        path: 'review',
        title: 'Review · Yellowwood',
        loadComponent: () => import('./review/review').then((m) => m.ReviewScreen),
      },
      {
        path: 'bill',
        title: 'Bill · Yellowwood',
        canActivate: [uses('invoices')],
        loadComponent: () => import('./bill/bill').then((m) => m.BillScreen),
      },
      {
        path: 'collect',
        title: 'Collect · Yellowwood',
        canActivate: [uses('invoices')],
        loadComponent: () => import('./collect/collect').then((m) => m.CollectScreen),
      },
      {
        path: 'results',
        title: 'Results · Yellowwood',
        loadComponent: () => import('./results/results').then((m) => m.ResultsScreen),
      },
      {
        path: 'settings/work',
        title: 'Work · Yellowwood',
        loadComponent: () => import('./settings/work/work').then((m) => m.WorkScreen),
      },
      {
        path: 'settings/states',
        title: 'States of projects · Yellowwood',
        loadComponent: () => import('./settings/work/states').then((m) => m.StatesScreen),
      },
      {
        path: 'settings/people',
        title: 'People · Yellowwood',
        loadComponent: () => import('./settings/people/people').then((m) => m.PeopleScreen),
      },
      {
        path: 'settings/teams',
        title: 'Teams · Yellowwood',
        loadComponent: () => import('./settings/people/teams').then((m) => m.TeamsScreen),
      },
      {
        path: 'settings/groups',
        title: 'Positions and departments · Yellowwood',
        loadComponent: () => import('./settings/people/groups').then((m) => m.GroupsScreen),
      },
      {
        path: 'settings/roles',
        title: 'Roles · Yellowwood',
        loadComponent: () => import('./settings/people/own-roles').then((m) => m.RolesScreen),
      },
      {
        path: 'settings/instruction',
        title: 'Instruction · Yellowwood',
        loadComponent: () => import('./settings/people/instruction').then((m) => m.InstructionScreen),
      },
      {
        path: 'settings/firm',
        title: 'Facts and numbers · Yellowwood',
        loadComponent: () => import('./settings/firm/firm').then((m) => m.FirmScreen),
      },
      {
        path: 'settings/functions',
        title: 'What is used · Yellowwood',
        loadComponent: () => import('./settings/firm/functions').then((m) => m.FunctionsScreen),
      },
      {
        path: 'settings/words',
        title: 'Words · Yellowwood',
        loadComponent: () => import('./settings/firm/words').then((m) => m.WordsScreen),
      },
      {
        path: 'settings/time',
        title: 'Rules of time · Yellowwood',
        loadComponent: () => import('./settings/firm/time-rules').then((m) => m.TimeRulesScreen),
      },
      {
        path: 'settings/terms',
        title: 'Rounding and quantities · Yellowwood',
        loadComponent: () => import('./settings/money/terms').then((m) => m.TermsScreen),
      },
      {
        path: 'settings/signing-in',
        title: 'Signing in · Yellowwood',
        loadComponent: () => import('./settings/firm/sign-in-rule').then((m) => m.SignInRuleScreen),
      },
      {
        path: 'settings/account',
        title: 'Account · Yellowwood',
        loadComponent: () => import('./settings/account/account').then((m) => m.AccountScreen),
      },
      { path: '**', redirectTo: 'record' },
    ],
  },
  { path: '', pathMatch: 'full', canActivate: [signedIn, toFirm], children: [] },
  { path: '**', redirectTo: '' },
];
