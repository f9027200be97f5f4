import { DateText, Seconds } from '../firm/units';

/** What stands in the way of an entry. All but `no-rate` block submission; `no-rate` blocks billing. */
export type EntryProblem =
  'no-project' | 'no-service' | 'over-24' | 'overlap' | 'no-rate' | 'project-closed' | 'ahead' | 'no-absence-code';

/** The facts that decide on an entry's problems. */
export interface ProblemFacts {
  readonly kind: 'time' | 'absence';
  readonly projectId: string | null;
  readonly serviceId: string | null;
  readonly absenceCode: string | null;
  readonly billable: boolean;
  readonly rated: boolean;
  readonly workDate: DateText;
  readonly today: DateText;
  readonly serviceKind: 'direct' | 'indirect' | 'leave' | null;
  readonly projectOpen: boolean;
  readonly daySeconds: Seconds;
  readonly overlaps: boolean;
}

/** The problems of an entry, in the order in which a person would mend them. */
export function entryProblems(facts: ProblemFacts): EntryProblem[] {
  const problems: EntryProblem[] = [];
  if (facts.kind === 'absence') {
    if (!facts.absenceCode) problems.push('no-absence-code');
    return problems;
  }
  if (!facts.projectId) problems.push('no-project');
  else if (!facts.projectOpen) problems.push('project-closed');
  if (!facts.serviceId) problems.push('no-service');
  // Leave and other indirect time may be recorded ahead; work for a client may not.
  if (facts.workDate > facts.today && (facts.serviceKind ?? 'direct') === 'direct') problems.push('ahead');
  if (facts.daySeconds > 24 * 3600) problems.push('over-24');
  if (facts.overlaps) problems.push('overlap');
  if (facts.projectId && facts.serviceId && facts.billable && !facts.rated) problems.push('no-rate');
  return problems;
}

/** Whether a problem keeps its entry from being submitted. */
export function blocksSubmission(problem: EntryProblem): boolean {
  return problem !== 'no-rate';
}
