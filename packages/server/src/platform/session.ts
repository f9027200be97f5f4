import connectPgSimple from 'connect-pg-simple';
import type { NextFunction, Request, RequestHandler, Response } from 'express';
import session from 'express-session';
import { randomBytes, timingSafeEqual } from 'node:crypto';
import { Configuration } from './configuration';
import { Database } from './database';
import { problem } from './problem';

declare module 'express-session' {
  interface SessionData {
    accountId: string;
    xsrf: string;
    /** What this browser has asked an account for. */
    signUpId: string;
    /** When one signed in, and with which browser, for one's own list of sessions. */
    beganAt: string;
    agent: string;
  }
}

/** How long somebody stays signed in, milliseconds. */
const LIFETIME = 12 * 3600 * 1000;

/** Sessions in the database; the cookie holds nothing but a signed random id. */
export function sessions(configuration: Configuration, database: Database): RequestHandler {
  const Store = connectPgSimple(session);
  return session({
    name: 'yellowwood',
    secret: configuration.sessionSecret,
    resave: false,
    saveUninitialized: false,
    store: new Store({
      pool: database,
      tableName: 'session',
      createTableIfMissing: false,
      disableTouch: true,
      pruneSessionInterval: 900,
    }),
    cookie: { httpOnly: true, sameSite: 'lax', secure: configuration.secureCookies, maxAge: LIFETIME },
  });
}

function giveToken(request: Request, response: Response, secure: boolean): void {
  // It lives exactly as long as the session that it belongs to.
  const { maxAge } = request.session.cookie;
  response.cookie('XSRF-TOKEN', request.session.xsrf, { sameSite: 'lax', secure, path: '/', maxAge: maxAge ?? LIFETIME });
}

/** A new session id for somebody who has just signed in, so that one planted before is worthless. */
export function beginSession(
  request: Request,
  response: Response,
  accountId: string,
  secure: boolean,
  now: string,
): Promise<void> {
  return new Promise((resolve, reject) => {
    request.session.regenerate((error) => {
      if (error) return reject(error);
      request.session.accountId = accountId;
      request.session.beganAt = now;
      request.session.agent = (request.headers['user-agent'] ?? '').slice(0, 300);
      request.session.xsrf = randomBytes(24).toString('base64url');
      giveToken(request, response, secure);
      request.session.save((failure) => (failure ? reject(failure) : resolve()));
    });
  });
}

export function endSession(request: Request): Promise<void> {
  return new Promise((resolve, reject) => request.session.destroy((error) => (error ? reject(error) : resolve())));
}

function sameText(a: string, b: string): boolean {
  const [left, right] = [Buffer.from(a), Buffer.from(b)];
  return left.length === right.length && timingSafeEqual(left, right);
}

/**
 * Refuses writes that another site may have caused: the Origin, where the browser sends one, must be
 * ours, and a signed-in session must bring back the token that only our page can read. A token that is
 * missing is given again, and the page sends once more; signing in needs none.
 */
export function foreignWrites({ secureCookies }: Configuration) {
  return (request: Request, response: Response, next: NextFunction): void => {
    const expected = request.session.xsrf;
    const given = /(?:^|;\s*)XSRF-TOKEN=([^;]*)/.exec(request.headers.cookie ?? '')?.[1];
    if (expected && given !== expected) giveToken(request, response, secureCookies);
    if (request.method === 'GET' || request.method === 'HEAD') return next();
    const { origin } = request.headers;
    if (origin && originHost(origin) !== request.host) return next(problem('origin-refused'));
    if (request.method === 'POST' && request.path === '/session') return next();
    const sent = request.headers['x-xsrf-token'];
    if (expected && (typeof sent !== 'string' || !sameText(sent, expected))) return next(problem('token-renewed'));
    next();
  };
}

function originHost(origin: string): string | null {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
}
