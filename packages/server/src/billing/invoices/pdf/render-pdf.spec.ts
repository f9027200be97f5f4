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
});
