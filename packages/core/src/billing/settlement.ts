import { DateText, Minor, minor } from '../firm/units';
import { Result, fail, ok } from '../firm/result';

/** The facts from which an issued document's state follows. */
export interface SettlementFacts {
  readonly status: 'draft' | 'issued' | 'void';
  readonly gross: Minor;
  /** Paid, credited or otherwise settled. */
  readonly settled: Minor;
  /** The part of `settled` that came from credit notes. */
  readonly credited: Minor;
  readonly sent: boolean;
  readonly due: DateText;
}

export type InvoiceState = 'draft' | 'void' | 'not sent' | 'open' | 'late' | 'part paid' | 'paid' | 'credited';

/** What an invoice is called in lists; the status itself is only draft, issued or void. */
export function invoiceState(facts: SettlementFacts, today: DateText): InvoiceState {
  if (facts.status !== 'issued') return facts.status;
  if (facts.credited !== 0 && facts.credited === facts.gross) return 'credited';
  if (facts.settled >= facts.gross) return 'paid';
  if (facts.due < today) return 'late';
  if (facts.settled > 0) return 'part paid';
  return facts.sent ? 'open' : 'not sent';
}

/**
 * What a payment may settle of an invoice. What comes in beyond that becomes the client's credit;
 * a payment of nothing or less is refused (a mistake is reversed, not paid back in secret).
 */
export function allocate(
  amount: Minor,
  gross: Minor,
  settled: Minor,
): Result<{ toInvoice: Minor; toCredit: Minor }, 'payment-not-positive' | 'invoice-settled'> {
  if (amount <= 0) return fail('payment-not-positive');
  const open = gross - settled;
  if (open <= 0) return fail('invoice-settled');
  const toInvoice = Math.min(amount, open);
  return ok({ toInvoice: minor(toInvoice), toCredit: minor(amount - toInvoice) });
}
