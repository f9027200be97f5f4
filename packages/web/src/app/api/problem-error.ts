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

/** The sentence of anything that was thrown by a call. */
export function sentenceOf(error: unknown): string {
  if (error instanceof ProblemError) {
    const field = error.problem.fields?.[0];
    return field ? `${error.problem.detail} (${field.path.split('/').at(-1)} ${field.message})` : error.problem.detail;
  }
  return 'The server does not answer. What you typed is kept; try again in a moment.';
}
