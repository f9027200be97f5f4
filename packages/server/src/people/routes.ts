import { verify } from '@node-rs/argon2';
import { BodyOf, Endpoint, Session, endpoints } from '@yellowwood/contracts';
import type { Request, Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import {
  endOtherSessions,
  findAccount,
  firmsOfAccount,
  peopleInReach,
  setPassword,
  setPreferences,
} from '../generated/people/routes.queries';
import { Configuration } from '../platform/configuration';
import { reachOf, today } from '../platform/context';
import { Platform, mount } from '../platform/mount';
import { problem } from '../platform/problem';
import { beginSession, endSession } from '../platform/session';
import { check, compileChecks } from '../platform/validation';
import { demoSignIns } from './demo-sign-ins';
import { hashPassword, signIn } from './sign-in';

const YEAR = 365 * 24 * 3600 * 1000;

/** Signing in and out, the own account, oneself in a firm, people. */
export function peopleRoutes(platform: Platform, configuration: Configuration): void {
  const { app, database } = platform;

  async function sessionOf(request: Request): Promise<Session> {
    const demo = configuration.demo ? demoSignIns : [];
    const id = request.session.accountId;
    const [account] = id ? await findAccount.run({ id }, database) : [];
    if (!account) return { account: null, firms: [], demo };
    const firms = await firmsOfAccount.run({ account: account.id }, database);
    return {
      account: {
        id: account.id,
        email: account.email,
        name: account.name,
        theme: account.theme as 'system',
        durationForm: account.durationForm as 'clock',
      },
      firms,
      demo,
    };
  }

  /** Routes outside a firm: the same contract checks, no transaction. */
  function open<E extends Endpoint>(
    endpoint: E,
    handler: (request: Request, response: Response, body: BodyOf<E>) => Promise<unknown>,
  ) {
    const checks = compileChecks(endpoint);
    const method = endpoint.method.toLowerCase() as 'get' | 'post' | 'put' | 'delete';
    app[method](`/api${endpoint.path}`, (request: Request, response: Response, next) => {
      Promise.resolve()
        .then(() => {
          check(checks.body, '', request.body ?? null);
          return handler(request, response, request.body as BodyOf<E>);
        })
        .then((answer) => void response.set('Cache-Control', 'no-store').json(answer ?? null), next);
    });
  }

  const limited = rateLimit({
    windowMs: 15 * 60 * 1000,
    limit: configuration.signInLimit,
    skipSuccessfulRequests: true,
    standardHeaders: 'draft-7',
    legacyHeaders: false,
    handler: (_request, _response, next) => next(problem('too-many-attempts')),
  });
  app.post('/api/session', limited);
  app.post('/api/password', limited);

  const signedIn = (request: Request): string => {
    if (!request.session.accountId) throw problem('not-signed-in');
    return request.session.accountId;
  };

  open(endpoints.readSession, (request) => sessionOf(request));

  open(endpoints.signIn, async (request, response, body) => {
    const account = await signIn(database, body.email, body.password);
    await beginSession(request, response, account, configuration.secureCookies);
    const session = await sessionOf(request);
    response.cookie('theme', session.account!.theme, { sameSite: 'lax', maxAge: YEAR, path: '/' });
    return session;
  });

  open(endpoints.signOut, async (request, response) => {
    if (request.session.accountId) await endSession(request);
    response.clearCookie('yellowwood').clearCookie('XSRF-TOKEN');
    return { account: null, firms: [], demo: configuration.demo ? demoSignIns : [] };
  });

  open(endpoints.changePassword, async (request, _response, body) => {
    const [account] = await findAccount.run({ id: signedIn(request) }, database);
    if (!account || !(await verify(account.passwordHash, body.current))) throw problem('password-wrong');
    await setPassword.run({ account: account.id, hash: await hashPassword(body.next) }, database);
    await endOtherSessions.run({ account: account.id, but: request.sessionID }, database);
  });

  open(endpoints.changePreferences, async (request, response, body) => {
    await setPreferences.run({ account: signedIn(request), theme: body.theme, form: body.durationForm }, database);
    response.cookie('theme', body.theme, { sameSite: 'lax', maxAge: YEAR, path: '/' });
    return sessionOf(request);
  });

  mount(platform, endpoints.readMe, async (context) => ({
    person: {
      id: context.actor.personId,
      name: context.actor.name,
      zone: context.actor.zone,
      position: context.actor.positionName,
    },
    roles: [...context.actor.roles],
    rights: { ...context.actor.rights },
    firm: {
      slug: context.firm.slug,
      name: context.firm.name,
      currency: context.firm.currency,
      zone: context.firm.zone,
      gapTolerance: context.firm.gapTolerance,
    },
    today: today(context),
  }));

  mount(platform, endpoints.listPeople, async (context) => ({
    people: await peopleInReach.run(
      { reach: reachOf(context, 'time.read'), asker: context.actor.personId, on: today(context) },
      context.tx,
    ),
  }));
}
