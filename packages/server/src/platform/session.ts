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
  }
}

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
    cookie: { httpOnly: true, sameSite: 'lax', secure: configuration.secureCookies, maxAge: 12 * 3600 * 1000 },
  });
}

/** A new session id for somebody who has just signed in, so that one planted before is worthless. */
export function beginSession(request: Request, response: Response, accountId: string, secure: boolean): Promise<void> {
  return new Promise((resolve, reject) => {
    request.session.regenerate((error) => {
      if (error) return reject(error);
      const xsrf = randomBytes(24).toString('base64url');
      request.session.accountId = accountId;
      request.session.xsrf = xsrf;
      response.cookie('XSRF-TOKEN', xsrf, { sameSite: 'lax', secure, path: '/' });
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
 * ours, and a signed-in session must bring back the token that only our page can read.
 */
export function refuseForeignWrites(request: Request, _response: Response, next: NextFunction): void {
  if (request.method === 'GET' || request.method === 'HEAD') return next();
  const origin = request.headers.origin;
  if (origin && originHost(origin) !== request.headers.host) return next(problem('origin-refused'));
  const expected = request.session.xsrf;
  const sent = request.headers['x-xsrf-token'];
  if (expected && (typeof sent !== 'string' || !sameText(sent, expected))) return next(problem('origin-refused'));
  next();
}

function originHost(origin: string): string | null {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
}
