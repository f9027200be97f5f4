import { DateText, Seconds } from '../firm/units';

/** What stands in the way of an entry. All but `no-rate` block submission; `no-rate` blocks billing. */
export type EntryProblem =
  'no-project' | 'no-service' | 'over-24' | 'overlap' | 'no-rate' | 'project-closed' | 'ahead' | 'no-absence-code';

/** The facts that decide on an entry's problems. */
export interface ProblemFacts {
  readonly projectId: string | null;
  readonly serviceId: string | null;
  readonly absenceCode: string | null;
  /** Whether it is charged to the client, so that it wants a rate. */
  readonly chargeable: boolean;
  readonly rated: boolean;
  readonly workDate: DateText;
  readonly today: DateText;
  readonly serviceKind: 'direct' | 'indirect' | 'leave' | null;
  readonly projectOpen: boolean;
  /** Working time of that person on that date, this entry included. */
  readonly daySeconds: Seconds;
  readonly overlaps: boolean;
}

/** Whether a problem keeps its entry from being submitted. */
export function blocksSubmission(problem: EntryProblem): boolean {
  return problem !== 'no-rate';
}
