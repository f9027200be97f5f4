import { EntryKind } from './kind';
import { unvalued } from './valuation';

/** Why somebody is away, and whether it is paid. */
export interface AbsenceFacts {
  absenceCode: string | null;
  absencePaid: boolean | null;
}

/** A day, or part of one, on which somebody does not work. Nobody is charged for it. */
export const absence: EntryKind<'absence', AbsenceFacts> = {
  name: 'absence',
  side: ['absenceCode', 'absencePaid'],
  noSide: { absenceCode: null, absencePaid: null },
  byHand: false,
  isTime: false,
  problems: ({ absenceCode }) => (absenceCode ? [] : ['no-absence-code']),
  value: unvalued,
};
