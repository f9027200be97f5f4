import { problem } from '../../platform/problem';
import { MadeDocument } from './make-document';

/** A document that asks for nothing is none: what is over a limit is decided on, not invoiced at zero. */
export function refuseNothingToPay(made: MadeDocument): void {
  if (made.totals.gross <= 0) throw problem(made.limits.some((limit) => limit.over > 0) ? 'limit-used-up' : 'nothing-to-pay');
}
