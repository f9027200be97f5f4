import { InstantText } from '../firm/units';
import { EntryProblem, ProblemFacts } from './entry-problems';
import { EntryKind } from './kind';
import { valueTime } from './value-time';

/** Start and end where they are known, and unpaid time between them. */
export interface TimeFacts {
  startAt: InstantText | null;
  endAt: InstantText | null;
  breakSeconds: number;
  zone: string;
}

/** Recorded work. */
export const time: EntryKind<'time', TimeFacts> = {
  name: 'time',
  side: ['startAt', 'endAt', 'breakSeconds', 'zone'],
  noSide: { startAt: null, endAt: null, breakSeconds: 0, zone: '' },
  byHand: true,
  isTime: true,
  problems: problemsOfTime,
  value: valueTime,
};

function problemsOfTime(facts: ProblemFacts): EntryProblem[] {
  const problems: EntryProblem[] = [];
  if (!facts.projectId) problems.push('no-project');
  else if (!facts.projectOpen) problems.push('project-closed');
  if (!facts.serviceId) problems.push('no-service');
  // Leave and other indirect time may be recorded ahead; work for a client may not.
  if (facts.workDate > facts.today && (facts.serviceKind ?? 'direct') === 'direct') problems.push('ahead');
  if (facts.daySeconds > 24 * 3600) problems.push('over-24');
  if (facts.overlaps) problems.push('overlap');
  if (facts.projectId && facts.serviceId && facts.chargeable && !facts.rated) problems.push('no-rate');
  return problems;
}
