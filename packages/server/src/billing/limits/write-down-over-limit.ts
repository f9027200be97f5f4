import { WrittenDown } from '@yellowwood/contracts';
import { v7 as newId } from 'uuid';
import { insertWriteDown } from '../../generated/billing/limits/over-limit.queries';
import { audit } from '../../platform/audit';
import { Context } from '../../platform/context';
import { undecided } from './over-limit';

/** Writes down a sum that stood over the agreed limit: nobody will be charged for it. */
export async function writeDownOverLimit(context: Context, line: string, amount: number, reason: string): Promise<WrittenDown> {
  const over = await undecided(context, line, amount);
  const { firm, actor, now } = context;
  await insertWriteDown.run({ firm: firm.id, id: newId(), line, amount, reason, by: actor.personId, now }, context.tx);
  await audit(
    context,
    'written down over the limit',
    [{ kind: 'invoice', id: over.invoiceId, moneyAfter: { writtenDown: amount, currency: over.currency } }],
    reason,
  );
  return { waiting: over.waiting - amount };
}
