import type { ILedgerDaysResult } from '../generated/ledger/row.queries';
import { AuditSubject } from '../platform/audit';

/** A row of the ledger in memory, with what hangs on it. */
export type LedgerRow = Omit<ILedgerDaysResult, 'kind' | 'origin'> & {
  kind: 'time' | 'absence';
  origin: 'timer' | 'typed' | 'grid';
  zone: string;
};

/** What the history keeps of a row: everything that is not money. */
const KEPT = [
  'id',
  'kind',
  'personId',
  'workDate',
  'projectId',
  'taskId',
  'serviceId',
  'quantity',
  'billable',
  'note',
  'explanation',
  'startAt',
  'endAt',
  'breakSeconds',
  'zone',
  'absenceCode',
  'absencePaid',
  'origin',
  'enteredBy',
  'enteredAt',
  'late',
  'lagDays',
  'changedByOther',
  'rateReason',
  'rateSource',
] as const satisfies readonly (keyof LedgerRow)[];

/** The facts of a row as the history keeps them. */
export function rowFacts(row: LedgerRow): Pick<LedgerRow, (typeof KEPT)[number]> {
  return Object.fromEntries(KEPT.map((key) => [key, row[key]])) as Pick<LedgerRow, (typeof KEPT)[number]>;
}

/** The money of a row, kept apart in the history. */
export function rowMoney(row: LedgerRow) {
  return { billableQuantity: row.billableQuantity, rate: row.rate, valueMinor: row.valueMinor, valueCurrency: row.valueCurrency };
}

/** The audit subject of a row that was created, changed or deleted. */
export function rowSubject(before: LedgerRow | null, after: LedgerRow | null): AuditSubject {
  return {
    kind: 'entry',
    id: (after ?? before)!.id,
    before: before && rowFacts(before),
    after: after && rowFacts(after),
    moneyBefore: before && rowMoney(before),
    moneyAfter: after && rowMoney(after),
  };
}
