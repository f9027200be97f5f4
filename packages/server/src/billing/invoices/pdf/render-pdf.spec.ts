import type { InvoiceDocument } from '@yellowwood/contracts';
import { pdfDefinition } from './render-pdf';

const party = { name: 'Harbour Trust', address: ['Quay 1'], country: 'GB', taxId: null, email: '' };
const DOCUMENT: InvoiceDocument = {
  ...{ kind: 'invoice', number: 'T-0001', credits: null, reason: '', seller: party, buyer: party, orderReference: '' },
  ...{ issuedOn: '2026-06-12', supplyFrom: '2026-06-08', supplyTo: '2026-06-12', dueOn: '2026-07-12', paymentDays: 30 },
  ...{ paymentDetails: 'Bank 1', currency: 'GBP', lines: [], net: 0, taxes: [], tax: 0, gross: 0, taxInFirmCurrency: null },
};
const PICTURE = Buffer.from([1, 2, 3]);

interface Head {
  readonly text?: string;
  readonly columns?: readonly {
    readonly text?: string;
    readonly image?: string;
    readonly width: number;
    readonly height: number;
  }[];
}
const contentOf = (names: Partial<InvoiceDocument>, picture?: Uint8Array) =>
  pdfDefinition({ ...DOCUMENT, ...names }, picture).content as readonly unknown[];
const headOf = (width: number, height: number, picture: Uint8Array | undefined = PICTURE) =>
  contentOf({ logo: { id: 'x', width, height } }, picture)[0] as Head;

describe('the pages of a document', () => {
  it('have the logo beside the title, as large as there is room for and no wider or higher than it is', () => {
    const [title, wide] = headOf(1200, 300).columns!;
    expect([title!.text, wide!.image, wide!.width, wide!.height]).toEqual(['Invoice', 'data:image/png;base64,AQID', 160, 40]);
    const high = headOf(300, 600).columns![1]!;
    expect([high.width, high.height]).toEqual([32, 64]);
  });

  it('have the title alone without a logo, and where its picture is missing', () => {
    expect((contentOf({ logo: null }, PICTURE)[0] as Head).text).toBe('Invoice');
    expect((contentOf({ logo: { id: 'x', width: 1, height: 1 } })[0] as Head).text).toBe('Invoice');
    // From before there were any.
    expect((contentOf({})[0] as Head).text).toBe('Invoice');
  });

  it('have the texts of the firm before and after the figures, a paragraph each line', () => {
    const texts = (names: Partial<InvoiceDocument>) =>
      contentOf(names).map((one) => ((one as { stack?: { text: string }[] }).stack ?? []).map(({ text }) => text).join('|'));
    const none = texts({});
    const all = texts({ opening: 'Dear all,\n\nthank you.', closing: 'Regards' });
    expect([all.length - none.length, all[2], all[5]]).toEqual([2, 'Dear all,| |thank you.', 'Regards']);
  });

  it('write dates and figures as the document says, and as ever where it says nothing', () => {
    const line = {
      key: 'a',
      kind: 'time',
      text: 'Work',
      quantity: '1,50',
      price: '90,00',
      minor: 123_450,
      category: 'S',
    } as const;
    const tax = { category: 'S', name: 'VAT', rate: 55_000, base: 123_450, minor: 6790, reason: '' } as const;
    const figures = {
      ...{ lines: [{ ...line, taxRate: 55_000, projectId: 'p', entries: 1 }], taxes: [tax], gross: 130_240 },
      taxInFirmCurrency: { currency: 'EUR', minor: 123_450, exchangeRate: 11_712 },
    };
    const text = (names: Partial<InvoiceDocument>) => JSON.stringify(contentOf({ ...figures, ...names })).replace(/\u00a0/g, ' ');
    const german = text({ writing: { dates: 'en-GB', numbers: 'de-DE', yearFirst: false } });
    for (const one of [
      '12 June 2026',
      '8 June 2026',
      '12 July 2026',
      '"1.234,50"',
      'VAT 5,5% on 1.234,50',
      '1.234,50 €',
      'at 1,1712',
    ])
      expect(german).toContain(one);
    expect(german).toContain('"1.302,40"');
    const before = text({});
    for (const one of ['2026-06-12', '2026-06-08', '2026-07-12', '"1,234.50"', 'VAT 5.5% on 1,234.50', '€1,234.50', 'at 1.1712'])
      expect(before).toContain(one);
  });
});
