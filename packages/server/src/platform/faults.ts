import type { NextFunction, Request, Response } from 'express';
import { Logger } from 'pino';
import { isAway } from './database';
import { RequestProblem, databaseProblem, problem } from './problem';

function known(error: unknown): RequestProblem | null {
  if (error instanceof RequestProblem) return error;
  const { type, status } = error as { type?: string; status?: number };
  if (type === 'entity.parse.failed' || type === 'encoding.unsupported' || type === 'charset.unsupported')
    return problem('body-unreadable');
  if (type === 'entity.too.large') return problem('body-too-large');
  if (status === 400 || error instanceof URIError) return problem('body-unreadable');
  return databaseProblem(error) ?? (isAway(error) ? problem('not-ready') : null);
}

/**
 * A fault as the log tells it: what it was and where, without what people typed. The database puts values
 * into `detail` and `where`, so of its errors only the message and the names of its own things are kept.
 */
export function toldFault(error: unknown): Record<string, unknown> {
  if (!(error instanceof Error)) return { fault: typeof error };
  const { code, constraint, table, routine } = error as Error & Record<string, unknown>;
  const facts = Object.fromEntries(
    Object.entries({ code, constraint, table, routine }).filter(([, value]) => value !== undefined),
  );
  return { fault: error.name, message: error.message, stack: error.stack, ...facts };
}

/** Turns whatever was thrown into a problem document; only what nobody foresaw is a fault of ours. */
export function answerFaults(log: Logger) {
  return (error: unknown, request: Request, response: Response, next: NextFunction): void => {
    if (response.headersSent) return next(error);
    const foreseen = known(error);
    if (!foreseen || foreseen.code === 'not-ready')
      log.error({ ...toldFault(error), requestId: request.requestId }, 'unforeseen fault');
    const document = (foreseen ?? problem('server-fault')).document();
    // What cannot be done now may be possible in a moment.
    if (document.status === 503) response.set('Retry-After', '2');
    response.status(document.status).type('application/problem+json').send(JSON.stringify(document));
  };
}
