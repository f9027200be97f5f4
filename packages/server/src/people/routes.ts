import { verify } from '@node-rs/argon2';
import type { OwnWords, PeriodRule, WorkText } from '@yellowwood/core';
import { Endpoint, Forms, Me, Session, View, endpoints } from '@yellowwood/contracts';
import type { Request, Response } from 'express';
import {
  anyFirm,
  endOtherSessions,
  findAccount,
  firmsOfAccount,
  keepView,
  sessionsOf,
  setName,
  setPassword,
  setPreferences,
  ownSight,
  viewsOfPerson,
} from '../generated/people/routes.queries';
import { functionsOff } from '../firm/functions';
import { Configuration } from '../platform/configuration';
import { Context, recordingOf, today } from '../platform/context';
import { json } from '../platform/json';
import { WRITE, transaction } from '../platform/database';
import { Platform, mount } from '../platform/mount';
import { openTo } from '../platform/open';
import { ProblemCode, RequestProblem, problem } from '../platform/problem';
import { beginSession, endSession } from '../platform/session';
import { demoSignIns } from './demo-sign-ins';
import { forgotPassword, resetPassword } from './forgotten';
import { changeAddress, confirmAddress } from './change-address';
import { changeManyRoles, changePerson, changeRoles, personReturns, changeExceptions } from './change-person';
import { changeGroup, createGroup, listGroups } from './groups';
import { changeRecording } from './recording';
import { handOver, readLooksAfter } from './hand-over';
import { changeRole, createRole, endRole, listRoles, readWhyMay } from './own-roles';
import {
  changeInstruction,
  confirmInstruction,
  listInstructed,
  noteInstructed,
  readInstruction,
  readPaper,
  toConfirm,
} from './instruction';
import { invitePeople, invitePerson, listStaff, sendInvitation } from './invite';
import { joinFirm, readInvitation } from './join';
import { handleOrNobody } from './handles';
import { confirmPerson, createLink, endLink, joinByLink, listLinks, readLink } from './links';
import { refuseWeak } from './password-strength';
import { post } from './post';
import {
  beginSecondFactor,
  confirmSecondFactor,
  endSecondFactor,
  readSecondFactor,
  refuseWithoutCode,
  renewRecoveryCodes,
} from './second-factor';
import { readPerson } from './read-person';
import { hashPassword, signIn } from './sign-in';
import { signUp, verifyAddress } from './sign-up';
import { changeTeam, createTeam, endTeam, listTeams } from './teams';
import { TEXTS } from './texts';
import { Attempt, forgetFailures, isKnown, knownMark, noteFailure, refuseTooMany } from './sign-in-throttle';

/** What whoever guesses at links, or at the password beside one, is told; nothing else counts against them. */
const GUESSED: readonly ProblemCode[] = ['link-ended', 'password-needed'];

const YEAR = 365 * 24 * 3600 * 1000;

function cookieOf(request: Request, name: string): string | undefined {
  return new RegExp(`(?:^|;\\s*)${name}=([^;]*)`).exec(request.headers.cookie ?? '')?.[1];
}

/** The firm's periods, as they are told: those that held before without what held before them. */
function toldPeriod({ earlier = [], ...latest }: PeriodRule): Me['firm']['period'] {
  const bare = ({ kind, weekStart, days, anchor, from }: PeriodRule) => ({ kind, weekStart, days, anchor, from: from ?? null });
  return { ...bare(latest), earlier: earlier.map(bare) };
}

/** What the firm calls work, what nobody sees of it, and whether one is shown the first steps. */
async function sightOf({ tx, actor }: Context): Promise<Pick<Me['firm'], 'words' | 'workText' | 'off'> & Pick<Me, 'guide'>> {
  const [row] = await ownSight.run({ person: actor.personId }, tx);
  const { words, workText, guide, ...functions } = row!;
  return {
    words: words as OwnWords,
    workText: workText as WorkText,
    off: functionsOff(functions),
    guide,
  };
}

async function viewsOf(context: Context): Promise<Record<string, View>> {
  const rows = await viewsOfPerson.run({ person: context.actor.personId }, context.tx);
  return Object.fromEntries(rows.map(({ name, choice }) => [name, choice as View]));
}

/** Signing in and out, the own account, oneself in a firm, people. */
export function peopleRoutes(platform: Platform, configuration: Configuration): void {
  const { database } = platform;

  const { mailPage } = configuration;
  const demo = configuration.demo ? demoSignIns : [];

  const founding = (any: boolean): Session['founding'] => {
    if (!configuration.signUp) return 'closed';
    return any ? 'open' : 'first';
  };

  async function sessionOf(request: Request): Promise<Session> {
    const id = request.session.accountId;
    const [account] = id ? await findAccount.run({ id }, database) : [];
    const [any] = await anyFirm.run(undefined, database);
    const open = { founding: founding(any!.any), mailPage, demo };
    if (!account) return { account: null, firms: [], ...open };
    const firms = await firmsOfAccount.run({ account: account.id }, database);
    return {
      account: {
        id: account.id,
        email: account.email,
        name: account.name,
        theme: account.theme as 'system',
        durationForm: account.durationForm as 'clock',
        forms: account.forms as unknown as Forms,
      },
      firms,
      ...open,
    };
  }

  const open = <E extends Endpoint>(endpoint: E, handler: Parameters<typeof openTo<E>>[2]) => openTo(platform, endpoint, handler);

  const tries = configuration.signInTries;
  const sending = {
    tries,
    get texts() {
      return configuration.texts;
    },
  };
  const attemptOf = (request: Request, email: string, to: Attempt['to'] = 'sign-in'): Attempt => ({
    to,
    email,
    address: request.ip ?? '',
    known: isKnown(cookieOf(request, 'known'), email, configuration.sessionSecret),
    now: platform.clock.now(),
  });

  /** Holds up whoever guesses: more after each failure, and never those whom the browser is known to. */
  async function guarded<T>(attempt: Attempt, work: () => Promise<T>): Promise<T> {
    await refuseTooMany(database, attempt, tries);
    try {
      const done = await work();
      await forgetFailures(database, attempt, tries);
      return done;
    } catch (error) {
      // Whoever has the password and is asked for a code has not guessed.
      if (error instanceof RequestProblem && error.code !== 'code-needed') await noteFailure(database, attempt, tries);
      throw error;
    }
  }

  const signedIn = (request: Request): string => {
    if (!request.session.accountId) throw problem('not-signed-in');
    return request.session.accountId;
  };

  open(endpoints.readSession, (request) => sessionOf(request));

  /** The browser is known to the account from now on. */
  function knowAgain(response: Response, email: string): void {
    response.cookie('known', knownMark(email, configuration.sessionSecret), {
      sameSite: 'lax',
      httpOnly: true,
      secure: configuration.secureCookies,
      maxAge: YEAR,
      path: '/api/session',
    });
  }

  async function begin(request: Request, response: Response, account: string): Promise<Session> {
    await beginSession(request, response, account, configuration.secureCookies, platform.clock.now());
    const session = await sessionOf(request);
    knowAgain(response, session.account!.email);
    response.cookie('theme', session.account!.theme, { sameSite: 'lax', maxAge: YEAR, path: '/' });
    return session;
  }

  /** Holds up whoever tries links of messages that are none. */
  async function byLink<T>(request: Request, work: () => Promise<T>): Promise<T> {
    const attempt = attemptOf(request, '', 'link');
    await refuseTooMany(database, attempt, tries);
    try {
      return await work();
    } catch (error) {
      if (error instanceof RequestProblem && GUESSED.includes(error.code)) await noteFailure(database, attempt, tries);
      throw error;
    }
  }

  /** Each asking for a message counts, whatever becomes of it: nobody's mailbox is flooded. */
  async function counted(request: Request, email: string): Promise<void> {
    const attempt = { ...attemptOf(request, email, 'mail'), known: false };
    await refuseTooMany(database, attempt, tries);
    await noteFailure(database, attempt, tries);
  }

  open(endpoints.signIn, async (request, response, body) => {
    const handle = handleOrNobody(body.email);
    const account = await guarded(attemptOf(request, handle), async () => {
      const id = await signIn(database, handle, body.password);
      await refuseWithoutCode(database, id, body.code, platform.clock.now());
      return id;
    });
    return begin(request, response, account);
  });

  open(endpoints.readTexts, () => Promise.resolve({ texts: [...TEXTS] }));

  open(endpoints.signUp, async (request, _response, body) => {
    if (!configuration.signUp) throw problem('sign-up-closed');
    await counted(request, body.email);
    request.session.signUpId = await signUp(database, platform.clock, body);
  });

  open(endpoints.verifyAddress, async (request, response, body) => {
    const account = await byLink(request, () => verifyAddress(database, platform.clock, body, request.session.signUpId));
    return begin(request, response, account);
  });

  open(endpoints.readInvitation, (request, _response, body) =>
    byLink(request, () => readInvitation(database, platform.clock, body.token)),
  );

  open(endpoints.joinFirm, async (request, response, body) => {
    const { accountId } = request.session;
    const { account, slug } = await byLink(request, () => joinFirm(database, platform.clock, body, accountId, request.requestId));
    return { slug, session: body.account ? await begin(request, response, account) : await sessionOf(request) };
  });

  open(endpoints.readLink, (request, _response, body) => byLink(request, () => readLink(database, platform.clock, body.token)));

  open(endpoints.joinByLink, async (request, response, body) => {
    const { accountId } = request.session;
    const { account, slug } = await byLink(request, () =>
      joinByLink(database, platform.clock, body, accountId, request.requestId),
    );
    return { slug, session: body.account ? await begin(request, response, account) : await sessionOf(request) };
  });

  open(endpoints.signOut, async (request, response) => {
    if (request.session.accountId) await endSession(request);
    response.clearCookie('yellowwood').clearCookie('XSRF-TOKEN');
    return { account: null, firms: [], founding: founding(true), mailPage, demo };
  });

  async function ownAccount(request: Request) {
    const [account] = await findAccount.run({ id: signedIn(request) }, database);
    if (!account) throw problem('not-signed-in');
    return account;
  }

  /** Work on the own account that asks again who is there: a guess at the password or at a code counts. */
  const asked = <T>(request: Request, email: string, work: () => Promise<T>) =>
    guarded({ ...attemptOf(request, email), known: true }, work);

  type Account = Awaited<ReturnType<typeof ownAccount>>;
  async function refuseWrong(account: Account, password: string): Promise<void> {
    if (!(await verify(account.passwordHash, password))) throw problem('password-wrong');
  }

  async function withPassword(request: Request, password: string) {
    const account = await ownAccount(request);
    await asked(request, account.email, () => refuseWrong(account, password));
    return account;
  }

  open(endpoints.changePassword, async (request, _response, body) => {
    const account = await withPassword(request, body.current);
    refuseWeak(body.next, [account.name, account.email]);
    const hash = await hashPassword(body.next);
    await transaction(database, WRITE, async (tx) => {
      await setPassword.run({ account: account.id, hash }, tx);
      await endOtherSessions.run({ account: account.id, but: request.sessionID }, tx);
      await post(tx, { kind: 'password-changed', recipient: account.email }, platform.clock.now());
    });
  });

  open(endpoints.changeAddress, async (request, _response, body) => {
    const account = await withPassword(request, body.password);
    const email = body.email.trim().toLowerCase();
    if (email === account.email) throw problem('nothing-to-change');
    await counted(request, email);
    await changeAddress(database, platform.clock, account.id, email);
  });

  open(endpoints.confirmAddress, async (request, response, body) => {
    const account = signedIn(request);
    await byLink(request, () => confirmAddress(database, platform.clock, account, body.token, request.sessionID));
    const session = await sessionOf(request);
    knowAgain(response, session.account!.email);
    return session;
  });

  open(endpoints.readSecondFactor, (request) => readSecondFactor(database, signedIn(request)));

  open(endpoints.beginSecondFactor, async (request, _response, body) =>
    beginSecondFactor(database, await withPassword(request, body.password)),
  );

  open(endpoints.confirmSecondFactor, async (request, _response, body) => {
    const account = await ownAccount(request);
    return asked(request, account.email, () =>
      confirmSecondFactor(database, platform.clock, account, body.code, request.sessionID),
    );
  });

  open(endpoints.renewRecoveryCodes, async (request, _response, body) => {
    const account = await ownAccount(request);
    return asked(request, account.email, () => renewRecoveryCodes(database, platform.clock, account.id, body.code));
  });

  open(endpoints.endSecondFactor, async (request, _response, body) => {
    const account = await ownAccount(request);
    // Both as one: a right password must not forgive the codes that were guessed with it.
    await asked(request, account.email, async () => {
      await refuseWrong(account, body.password);
      await endSecondFactor(database, platform.clock, account, body.code);
    });
  });

  open(endpoints.forgotPassword, async (request, _response, body) => {
    const handle = handleOrNobody(body.email);
    await counted(request, handle);
    await forgotPassword(database, platform.clock, handle);
  });

  open(endpoints.resetPassword, async (request, _response, body) => {
    const email = await byLink(request, () => resetPassword(database, platform.clock, body.token, body.password));
    // Whoever could not remember may sign in at once.
    await forgetFailures(database, { ...attemptOf(request, email), known: false }, tries);
  });

  const sessionsFor = async (request: Request) => {
    const rows = await sessionsOf.run({ account: signedIn(request), own: request.sessionID }, database);
    const sessions = rows.map((row) => ({ ...row, agent: row.agent ?? '' }));
    return { sessions: sessions.sort((a, b) => (b.beganAt ?? '').localeCompare(a.beganAt ?? '')) };
  };

  open(endpoints.listSessions, (request) => sessionsFor(request));

  open(endpoints.endSessions, async (request) => {
    await endOtherSessions.run({ account: signedIn(request), but: request.sessionID }, database);
    return sessionsFor(request);
  });

  open(endpoints.changeName, async (request, _response, body) => {
    await setName.run({ account: signedIn(request), name: body.name.trim() }, database);
    return sessionOf(request);
  });

  open(endpoints.changePreferences, async (request, response, body) => {
    const { theme, durationForm: form, forms } = body;
    await setPreferences.run({ account: signedIn(request), theme, form, forms: forms ? json(forms) : null }, database);
    response.cookie('theme', body.theme, { sameSite: 'lax', maxAge: YEAR, path: '/' });
    return sessionOf(request);
  });

  mount(platform, endpoints.readMe, async (context) => {
    const { guide, ...sight } = await sightOf(context);
    return {
      person: {
        id: context.actor.personId,
        version: context.actor.version,
        name: context.actor.name,
        zone: context.actor.zone,
        position: context.actor.positionName,
      },
      roles: [...context.actor.roles],
      ownRoles: [...context.actor.ownRoles],
      rights: { ...context.actor.rights },
      ways: [...recordingOf(context.firm, context.actor.recording).ways],
      firm: {
        slug: context.firm.slug,
        name: context.firm.name,
        currency: context.firm.currency,
        country: context.firm.country,
        zone: context.firm.zone,
        gapTolerance: context.firm.gapTolerance,
        forms: context.firm.forms,
        ...sight,
        period: toldPeriod(context.firm.period),
      },
      toConfirm: await toConfirm(context),
      today: today(context),
      guide,
      views: await viewsOf(context),
    };
  });

  mount(platform, endpoints.keepView, async (context, { params, body }) => {
    await keepView.run(
      { firm: context.firm.id, person: context.actor.personId, name: params.name, choice: json(body) },
      context.tx,
    );
    return null;
  });

  mount(platform, endpoints.invitePerson, (context, { body }) => invitePerson(context, body, sending));

  mount(platform, endpoints.invitePeople, (context, { body }) => invitePeople(context, body, sending));

  mount(platform, endpoints.sendInvitation, (context, { params }) => sendInvitation(context, params.id, sending));

  mount(platform, endpoints.readInstruction, (context) => readInstruction(context));

  mount(platform, endpoints.confirmInstruction, (context, { body }) => confirmInstruction(context, body.version));

  mount(platform, endpoints.listInstructed, (context) => listInstructed(context));

  mount(platform, endpoints.changeInstruction, (context, { body }) => changeInstruction(context, body.wording));

  mount(platform, endpoints.noteInstructed, (context, { body }) => noteInstructed(context, body));

  mount(platform, endpoints.readPaper, (context, { params }) => readPaper(context, params.id));

  mount(platform, endpoints.listLinks, (context) => listLinks(context));

  mount(platform, endpoints.createLink, (context, { body }) => createLink(context, body));

  mount(platform, endpoints.endLink, (context, { params }) => endLink(context, params.id));

  mount(platform, endpoints.confirmPerson, (context, { params }) => confirmPerson(context, params.id));

  mount(platform, endpoints.changePerson, (context, { params, body, version }) =>
    changePerson(context, params.id, body, version),
  );

  mount(platform, endpoints.changeRoles, (context, { params, body, version }) => changeRoles(context, params.id, body, version));

  mount(platform, endpoints.changeRecording, (context, { params, body, version }) =>
    changeRecording(context, params.id, body, version),
  );

  mount(platform, endpoints.changeExceptions, (context, { params, body, version }) =>
    changeExceptions(context, params.id, body, version),
  );

  mount(platform, endpoints.readPerson, (context, { params }) => readPerson(context, params.id));
  mount(platform, endpoints.readLooksAfter, (context, { params }) => readLooksAfter(context, params.id));
  mount(platform, endpoints.handOver, (context, { params, body }) => handOver(context, params.id, body));
  mount(platform, endpoints.readWhyMay, (context, { params, query }) => readWhyMay(context, params.id, query));

  mount(platform, endpoints.listGroups, (context) => listGroups(context));

  mount(platform, endpoints.createGroup, (context, { body }) => createGroup(context, body));

  mount(platform, endpoints.changeGroup, (context, { params, body, version }) => changeGroup(context, params.id, body, version));

  mount(platform, endpoints.listRoles, (context) => listRoles(context));

  mount(platform, endpoints.createRole, (context, { body }) => createRole(context, body));

  mount(platform, endpoints.changeRole, (context, { params, body, version }) => changeRole(context, params.id, body, version));

  mount(platform, endpoints.endRole, (context, { params, version }) => endRole(context, params.id, version));

  mount(platform, endpoints.changeManyRoles, (context, { body }) => changeManyRoles(context, body));

  mount(platform, endpoints.personReturns, (context, { params, version }) => personReturns(context, params.id, version));

  mount(platform, endpoints.listStaff, (context) => listStaff(context));

  mount(platform, endpoints.listTeams, (context) => listTeams(context));

  mount(platform, endpoints.createTeam, (context, { body }) => createTeam(context, body));

  mount(platform, endpoints.changeTeam, (context, { params, body, version }) => changeTeam(context, params.id, body, version));

  mount(platform, endpoints.endTeam, (context, { params, body, version }) => endTeam(context, params.id, body, version));
}
