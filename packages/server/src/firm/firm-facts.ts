import { FirmFacts, Forms, KnownFirm } from '@yellowwood/contracts';
import { firmFacts, lockFirm, setFirm, setSeries } from '../generated/firm/firm-facts.queries';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
import { json } from '../platform/json';
import { problem } from '../platform/problem';

/** What the firm says of itself on its documents. */
export async function readFirm(context: Context): Promise<KnownFirm> {
  const [row] = await firmFacts.run(undefined, context.tx);
  const { version, numbered, forms, logoId, width, height, ...facts } = row!;
  const logo = logoId ? { id: logoId, width: width!, height: height! } : null;
  return { id: context.firm.id, facts: { ...facts, forms: forms as Forms }, version, numbered, logo };
}

const trimmed = (facts: FirmFacts): FirmFacts => ({
  ...facts,
  name: facts.name.trim(),
  address: facts.address.map((line) => line.trim()).filter(Boolean),
  taxId: facts.taxId.trim(),
  paymentDetails: facts.paymentDetails.trim(),
  opening: facts.opening.trim(),
  closing: facts.closing.trim(),
});

/** Facts to compare: stored forms come back with their parts in another order. */
const factsText = ({ forms: { dates, clock, numbers }, ...facts }: FirmFacts): string =>
  JSON.stringify([dates, clock, numbers, Object.entries(facts).sort(([a], [b]) => a.localeCompare(b))]);

/**
 * Changes what the firm says of itself from the next document on. Where numbers have begun, they go on by themselves.
 * @throws the problems `version-stale`, `number-taken`, `nothing-to-change`
 */
export async function changeFirm(context: Context, wish: FirmFacts, version: number): Promise<KnownFirm> {
  const { tx, firm } = context;
  await lockFirm.run(undefined, tx);
  const before = await readFirm(context);
  if (before.version !== version) throw problem('version-stale', {}, { current: before });
  const after = trimmed(wish);
  if (factsText(after) === factsText(before.facts)) throw problem('nothing-to-change');
  const renumbered = after.nextInvoice !== before.facts.nextInvoice;
  if (renumbered && before.numbered) throw problem('number-taken');
  const { invoicePrefix, creditPrefix, nextInvoice, forms, ...facts } = after;
  await setFirm.run({ ...facts, forms: json(forms), address: [...facts.address] }, tx);
  await setSeries.run({ series: 'invoice', prefix: invoicePrefix, next: renumbered ? nextInvoice : null }, tx);
  await setSeries.run({ series: 'credit note', prefix: creditPrefix, next: null }, tx);
  const told = ({ forms: { dates, clock, numbers }, ...of }: FirmFacts) => ({
    ...of,
    ...{ dates, clock, numbers, address: of.address.join(', ') },
  });
  await audit(context, 'firm changed', [{ kind: 'firm', id: firm.id, before: told(before.facts), after: told(after) }]);
  return readFirm(context);
}
