import { seconds } from '../firm/units';
import { ProblemFacts, blocksSubmission } from './entry-problems';
import { KINDS, KindName } from './kinds';

const FINE: ProblemFacts = {
  projectId: 'p',
  serviceId: 's',
  absenceCode: null,
  chargeable: true,
  rated: true,
  workDate: '2026-06-10',
  today: '2026-06-10',
  serviceKind: 'direct',
  projectOpen: true,
  daySeconds: seconds(8 * 3600),
  overlaps: false,
};
const problems = (facts: Partial<ProblemFacts>, kind: KindName = 'time') => KINDS[kind].problems({ ...FINE, ...facts });

describe('what stands in the way of an entry', () => {
  it('is nothing where everything is known', () => {
    expect(problems({})).toEqual([]);
  });

  it('is what is not said yet, in the order in which one would say it', () => {
    expect(problems({ projectId: null, serviceId: null })).toEqual(['no-project', 'no-service']);
  });

  it('is no missing rate while it is open what the work was, or where nothing is charged', () => {
    expect(problems({ rated: false })).toEqual(['no-rate']);
    expect(problems({ rated: false, serviceId: null })).toEqual(['no-service']);
    expect(problems({ rated: false, chargeable: false })).toEqual([]);
  });

  it('is a day of more than 24 hours, and an overlap, also where no client is charged', () => {
    expect(problems({ daySeconds: seconds(24 * 3600), chargeable: false })).toEqual([]);
    expect(problems({ daySeconds: seconds(24 * 3600 + 1), overlaps: true, chargeable: false })).toEqual(['over-24', 'overlap']);
  });

  it('is work recorded ahead; leave and internal time may be', () => {
    expect(problems({ workDate: '2026-06-11' })).toEqual(['ahead']);
    expect(problems({ workDate: '2026-06-11', serviceId: null, serviceKind: null })).toEqual(['no-service', 'ahead']);
    expect(problems({ workDate: '2026-06-11', serviceKind: 'indirect' })).toEqual([]);
    expect(problems({ workDate: '2026-06-11', serviceKind: 'leave' })).toEqual([]);
  });

  it('is a project that takes no more time', () => {
    expect(problems({ projectOpen: false })).toEqual(['project-closed']);
  });

  it('is, for an absence, its code and nothing else', () => {
    expect(problems({ projectId: null, serviceId: null, rated: false }, 'absence')).toEqual(['no-absence-code']);
    expect(problems({ absenceCode: 'holiday', projectId: null, overlaps: true }, 'absence')).toEqual([]);
  });

  it('is nothing at all for a fee', () => {
    expect(problems({ projectId: null, serviceId: null, rated: false }, 'fee')).toEqual([]);
  });

  it('keeps everything but a missing rate from being submitted', () => {
    const all = [
      'no-project',
      'no-service',
      'over-24',
      'overlap',
      'no-rate',
      'project-closed',
      'ahead',
      'no-absence-code',
    ] as const;
    expect(all.filter((problem) => !blocksSubmission(problem))).toEqual(['no-rate']);
  });
});
