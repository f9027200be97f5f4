import { PROBLEMS, Problem, ProblemCode, problemType } from '@yellowwood/contracts';
import { Failure } from '@yellowwood/core';

export type { ProblemCode };

/** A request that cannot be done, on its way to the answer. */
export class RequestProblem extends Error {
  constructor(
    readonly code: ProblemCode,
    readonly data: Readonly<Record<string, string | number>> = {},
    readonly extra: { fields?: Problem['fields']; current?: unknown } = {},
  ) {
    super(code);
  }

  /** The problem document. */
  document(): Problem {
    const { status, title, detail } = PROBLEMS[this.code];
    return {
      type: problemType(this.code),
      title,
      status,
      detail: detail.replace(/\{(\w+)\}/g, (_, name: string) => String(this.data[name] ?? '')),
      code: this.code,
      ...(Object.keys(this.data).length > 0 ? { data: this.data } : {}),
      ...this.extra,
    };
  }
}

/** A problem with the data of its sentence. */
export function problem(
  code: ProblemCode,
  data: Readonly<Record<string, string | number>> = {},
  extra: { fields?: Problem['fields']; current?: unknown } = {},
): RequestProblem {
  return new RequestProblem(code, data, extra);
}

/** The problem of a failure that the core returned. */
export function coreProblem(failure: Failure<string>): RequestProblem {
  const code = failure.code in PROBLEMS ? (failure.code as ProblemCode) : 'request-invalid';
  return new RequestProblem(code, failure.data ?? {});
}

/** The value of a core result, or its failure as a problem. */
export function demand<T>(result: { ok: true; value: T } | { ok: false; error: Failure<string> }): T {
  if (!result.ok) throw coreProblem(result.error);
  return result.value;
}

const CONSTRAINTS: Readonly<Record<string, ProblemCode>> = {
  timer_one_running: 'timer-running',
  entry_billed_within: 'entries-not-billable',
  invoice_settled_within: 'invoice-settled',
  invoice_credited_within: 'invoice-credited',
  invoice_one_full_credit: 'invoice-credited',
  entry_submitted_complete: 'problems-left',
  // Documents that have ended name what they billed for ever.
  line_share_firm_id_entry_id_fkey: 'entry-on-document',
};

/**
 * The problem that a refusal of the database stands for. The constraints carry the truths even where
 * two requests at once have both passed their checks.
 */
export function databaseProblem(error: unknown): RequestProblem | null {
  const { code, constraint } = error as { code?: string; constraint?: string };
  if (constraint && constraint in CONSTRAINTS) return new RequestProblem(CONSTRAINTS[constraint]!);
  // Foreign key: the id names nothing in this firm. Unique: the same thing was made at the same moment.
  if (code === '23503') return new RequestProblem('reference-unknown');
  if (code === '23505') return new RequestProblem('already-there');
  if (code === '23P01' || code === '23514') return new RequestProblem('request-conflicts');
  if (code === '22003') return new RequestProblem('request-invalid');
  return null;
}
