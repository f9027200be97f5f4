import type { Problem } from '@yellowwood/contracts';

/** A request that was refused, with the sentence to show. */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }

  get code(): string {
    return this.problem.code;
  }
}

/** The code of a refusal; null for anything else. */
export function codeOf(error: unknown): string | null {
  return error instanceof ProblemError ? error.code : null;
}

/** Whether the server has refused, so that nothing has happened; without an answer it may have. */
export function isAnswered(error: unknown): boolean {
  return error instanceof ProblemError && error.problem.status < 500;
}

/** The sentence of anything that was thrown by a call. */
export function sentenceOf(error: unknown): string {
  if (error instanceof ProblemError) {
    const field = error.problem.fields?.[0];
    return field ? `${error.problem.detail} (${field.path.split('/').at(-1)} ${field.message})` : error.problem.detail;
  }
  return 'The server does not answer. What you typed is kept; try again in a moment.';
}
