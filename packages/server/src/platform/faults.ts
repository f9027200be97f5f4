import type { NextFunction, Request, Response } from 'express';
import { Logger } from 'pino';
import { RequestProblem, databaseProblem, problem } from './problem';

function known(error: unknown): RequestProblem | null {
  if (error instanceof RequestProblem) return error;
  const { type, status } = error as { type?: string; status?: number };
  if (type === 'entity.parse.failed' || type === 'encoding.unsupported' || type === 'charset.unsupported')
    return problem('body-unreadable');
  if (type === 'entity.too.large') return problem('body-too-large');
  if (status === 400 || error instanceof URIError) return problem('body-unreadable');
  return databaseProblem(error);
}

/** Turns whatever was thrown into a problem document; only what nobody foresaw is a fault of ours. */
export function answerFaults(log: Logger) {
  return (error: unknown, request: Request, response: Response, next: NextFunction): void => {
    if (response.headersSent) return next(error);
    const foreseen = known(error);
    if (!foreseen) log.error({ error, requestId: request.requestId }, 'unforeseen fault');
    const document = (foreseen ?? problem('server-fault')).document();
    response.status(document.status).type('application/problem+json').send(JSON.stringify(document));
  };
}
