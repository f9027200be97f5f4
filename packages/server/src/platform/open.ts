import { AnswerOf, BodyOf, Endpoint } from '@yellowwood/contracts';
import type { Request, Response } from 'express';
import { Platform } from './mount';
import { check, compileChecks } from './validation';

/** Mounts an endpoint outside any firm: the same contract checks, no transaction. */
export function openTo<E extends Endpoint>(
  platform: Platform,
  endpoint: E,
  handler: (request: Request, response: Response, body: BodyOf<E>) => Promise<AnswerOf<E> | void>,
): void {
  const checks = compileChecks(endpoint, platform.clock);
  const method = endpoint.method.toLowerCase() as 'get' | 'post' | 'put' | 'delete';
  platform.app[method](`/api${endpoint.path}`, (request: Request, response: Response, next) => {
    Promise.resolve()
      .then(() => {
        check(checks.body, '', request.body ?? null);
        return handler(request, response, request.body as BodyOf<E>);
      })
      .then((answer) => void response.set('Cache-Control', 'no-store').json(answer ?? null), next);
  });
}
