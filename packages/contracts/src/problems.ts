import { billingProblems } from './billing/problems';
import { firmProblems } from './firm/problems';
import { foundingProblems } from './founding/problems';
import { ledgerProblems } from './ledger/problems';
import { peopleProblems } from './people/problems';
import type { EndpointKind } from './platform/endpoint';
import { platformProblems } from './platform/problems';
import { ratesProblems } from './rates/problems';
import { resultsProblems } from './results/problems';
import { reviewProblems } from './review/problems';
import { timeProblems } from './time/problems';
import { workProblems } from './work/problems';

/** Every problem that the server answers with, by its code. A code without a sentence does not compile. */
export const PROBLEMS = {
  ...platformProblems,
  ...peopleProblems,
  ...firmProblems,
  ...foundingProblems,
  ...workProblems,
  ...ratesProblems,
  ...ledgerProblems,
  ...timeProblems,
  ...reviewProblems,
  ...billingProblems,
  ...resultsProblems,
};

export type ProblemCode = keyof typeof PROBLEMS;

const ALWAYS: readonly ProblemCode[] = [
  'request-invalid',
  'body-unreadable',
  'body-too-large',
  'not-signed-in',
  'origin-refused',
  'token-renewed',
  'firm-unknown',
  'not-confirmed',
  'second-factor-needed',
  'right-missing',
  'not-ready',
];
const BY_KIND: Readonly<Record<EndpointKind, readonly ProblemCode[]>> = {
  open: [],
  read: [],
  create: ['already-there', 'different-body'],
  change: ['version-missing', 'version-stale'],
  command: ['idempotency-key-missing', 'different-body'],
};

/** Every problem that an endpoint may answer with: those that it declares and those of its kind. */
export function problemsOf(endpoint: { readonly kind: EndpointKind; readonly problems: readonly ProblemCode[] }): ProblemCode[] {
  return [...new Set([...endpoint.problems, ...BY_KIND[endpoint.kind], ...ALWAYS])].sort();
}
