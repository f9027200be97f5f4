import { EntryProblem, ProblemFacts } from './entry-problems';
import { Valuation, ValuationFacts } from './valuation';

/** A kind of entry: everything that is particular about it, in one file of this shape. */
export interface EntryKind<Name extends string = string, Side extends object = object> {
  readonly name: Name;
  /** Facts that only this kind has; they stand in a side table of one row an entry. */
  readonly side: readonly (keyof Side & string)[];
  /** An entry of another kind, or one without them. */
  readonly noSide: Side;
  /** Whether people record and change it by hand; otherwise only a use case of its own does. */
  readonly byHand: boolean;
  /** Whether its quantity is working time: hours, overlaps, the most of a day, gaps. */
  readonly isTime: boolean;
  /** What stands in its way, in the order in which a person would mend it. */
  problems(facts: ProblemFacts): EntryProblem[];
  /** What it is worth and what it costs. */
  value(facts: ValuationFacts): Valuation;
}
