import { addDays } from '@yellowwood/core';
import { FIRM, Loading, SLUG, insert } from './loading';
import { ZONE } from './plan';

export async function loadFirm({ tx, made, start }: Loading): Promise<void> {
  const { firmId } = made;
  await tx.query("select set_config('app.firm_id', $1, true)", [firmId]);
  await insert(tx, 'firm', [
    {
      firm_id: firmId,
      slug: SLUG,
      name: FIRM,
      currency: 'GBP',
      zone: ZONE,
      address: ['Tannery Yard 4', 'Osric Green'],
      country: 'GB',
      tax_id: 'GB 100 0000 00',
      email: 'office@quillfeather.example',
      payment_details: 'Osric Green Savings Bank, account 00000042, Quillfeather Conservation.',
      day_maximum: 36_000,
      week_maximum: 172_800,
      gap_tolerance: 900,
      planned: [27_000, 27_000, 27_000, 27_000, 27_000, 0, 0],
      day_start: '08:00',
      day_end: '16:30',
      created_at: `${start}T08:00:00Z`,
    },
  ]);
  await insert(tx, 'firm_address', [{ slug: SLUG, firm_id: firmId, name: FIRM }]);
  await insert(tx, 'invoice_series', [
    { firm_id: firmId, series: 'invoice', prefix: 'QC-', next_number: 1 },
    { firm_id: firmId, series: 'credit note', prefix: 'QCC-', next_number: 1 },
  ]);
  await insert(tx, 'tax_rate', [
    { firm_id: firmId, category: 'S', name: 'VAT', rate: 200_000, reason: '', valid_from: '2011-01-04', valid_to: null },
    {
      firm_id: firmId,
      category: 'AE',
      name: 'Reverse charge',
      rate: 0,
      reason: 'Reverse charge: the recipient accounts for the tax.',
      valid_from: '2011-01-04',
      valid_to: null,
    },
  ]);
  await insert(tx, 'exchange_rate', [
    { firm_id: firmId, currency: 'EUR', rate: 8600, valid_from: '2000-01-01', valid_to: addDays(start, 181) },
    { firm_id: firmId, currency: 'EUR', rate: 8540, valid_from: addDays(start, 182), valid_to: null },
  ]);
}
