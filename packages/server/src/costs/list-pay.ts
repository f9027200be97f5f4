import { PayList } from '@yellowwood/contracts';
import { Overhead, millionths, rate, rolesWith, shownRates } from '@yellowwood/core';
import { payInReach } from '../generated/costs/list-pay.queries';
import { Context, reachOf, today } from '../platform/context';

/** What an hour of each person costs today: pay, overhead, and both together. */
export async function listPay(context: Context): Promise<PayList> {
  const on = today(context);
  const who = { reach: reachOf(context, 'pay.read'), asker: context.actor.personId };
  const rows = await payInReach.run({ ...who, on, recording: rolesWith('time.record') }, context.tx);
  return {
    on,
    currency: context.firm.currency,
    people: rows.map((row) => {
      const loaded =
        row.pay === null ? null : shownRates({ pay: rate(row.pay), overhead: overheadOf(row.overheadKind, row.overhead) });
      return {
        id: row.id,
        name: row.name,
        position: row.position,
        pay: row.pay === null ? null : { rate: row.pay, validFrom: row.payFrom! },
        overhead: loaded && loaded.overhead,
        overheadPercent: row.overheadKind === 'percent' ? row.overhead : null,
        cost: loaded && loaded.cost,
        standard: row.standard,
      };
    }),
  };
}

function overheadOf(kind: string | null, value: number | null): Overhead | null {
  if (kind === null || value === null) return null;
  return kind === 'percent' ? { kind, percent: millionths(value) } : { kind: 'per-hour', rate: rate(value) };
}
