import { InvoiceDocument } from '@yellowwood/contracts';
import { DocumentTexts, documentTexts } from '@yellowwood/core';
import { createRequire } from 'node:module';
import path from 'node:path';
import pdfmake from 'pdfmake';
import type { Content, TDocumentDefinitions, TableCell } from 'pdfmake/interfaces';

const require = createRequire(import.meta.url);

const folderOf = (name: string) => path.dirname(require.resolve(`${name}/package.json`));

const sans = folderOf('@expo-google-fonts/source-sans-3');

const serif = folderOf('@expo-google-fonts/fraunces');

// Whole TrueType files: subsets made for the page lack letters such as Ł or ș.
pdfmake.setFonts({
  Sans: {
    normal: path.join(sans, '400Regular/SourceSans3_400Regular.ttf'),
    bold: path.join(sans, '600SemiBold/SourceSans3_600SemiBold.ttf'),
    italics: path.join(sans, '400Regular_Italic/SourceSans3_400Regular_Italic.ttf'),
    bolditalics: path.join(sans, '600SemiBold/SourceSans3_600SemiBold.ttf'),
  },
  Serif: {
    normal: path.join(serif, '600SemiBold/Fraunces_600SemiBold.ttf'),
    bold: path.join(serif, '600SemiBold/Fraunces_600SemiBold.ttf'),
  },
});

// A document is made of its own data alone: nothing is fetched, and nothing is read but the fonts.
pdfmake.setUrlAccessPolicy(() => false);

pdfmake.setLocalAccessPolicy((file: string) => file.startsWith(sans) || file.startsWith(serif));

const INK = '#271E14';

const INK_2 = '#6A5B47';

const LINE = '#DDD0B4';

function party(title: string, { name, address, country, taxId }: InvoiceDocument['seller']): Content {
  return {
    stack: [
      { text: title, color: INK_2, fontSize: 9 },
      { text: name, bold: true },
      ...address,
      country,
      ...(taxId ? [{ text: `Tax number ${taxId}`, color: INK_2 }] : []),
    ],
  };
}

function facts(document: InvoiceDocument): Content {
  const { date: on } = documentTexts(document.writing);
  const rows: [string, string][] = [
    ['Number', document.number!],
    ['Date of issue', on(document.issuedOn!)],
    ['Work from', on(document.supplyFrom)],
    ['Work to', on(document.supplyTo)],
    ...(document.kind === 'invoice'
      ? ([['Due', on(document.dueOn!)]] as [string, string][])
      : ([['Credits invoice', document.credits!]] as [string, string][])),
    ...(document.orderReference ? ([['Order', document.orderReference]] as [string, string][]) : []),
  ];
  return {
    layout: 'noBorders',
    table: {
      widths: ['auto', '*'],
      body: rows.map(([name, value]) => [
        { text: name, color: INK_2 },
        { text: value, alignment: 'right' },
      ]),
    },
  };
}

function lines(document: InvoiceDocument): Content {
  const write = documentTexts(document.writing);
  const head = (text: string, alignment: 'left' | 'right' = 'right'): TableCell => ({
    text,
    color: INK_2,
    bold: true,
    fontSize: 9,
    alignment,
  });
  const right = (text: string): TableCell => ({ text, alignment: 'right', noWrap: true });
  return {
    margin: [0, 18, 0, 0],
    table: {
      headerRows: 1,
      dontBreakRows: true,
      widths: ['*', 'auto', 'auto', 'auto', 'auto'],
      body: [
        [head('Work', 'left'), head('Quantity'), head('Price'), head('Tax'), head(`Net, ${document.currency}`)],
        ...document.lines.map((line): TableCell[] => [
          line.text,
          right(line.quantity),
          right(line.price),
          right(taxShort(line, write)),
          right(write.amount(line.minor, document.currency)),
        ]),
      ],
    },
    layout: {
      hLineWidth: (index, node) => (index === 0 || index === node.table.body.length ? 0 : 0.5),
      vLineWidth: () => 0,
      hLineColor: () => LINE,
      paddingTop: () => 4,
      paddingBottom: () => 4,
    },
  };
}

function taxShort({ category, taxRate }: { category: string; taxRate: number }, { percent }: DocumentTexts): string {
  return category === 'S' ? percent(taxRate) : category;
}

function totals(document: InvoiceDocument): Content {
  const { currency } = document;
  const { percent, amount } = documentTexts(document.writing);
  const money = (minor: number) => amount(minor, currency);
  const rows: [string, string, boolean?][] = [
    ['Total without tax', money(document.net)],
    ...document.taxes.map((row): [string, string] => [
      `${row.name} ${percent(row.rate)} on ${money(row.base)}`,
      money(row.minor),
    ]),
    [document.kind === 'invoice' ? `To pay, ${currency}` : `Credited, ${currency}`, money(document.gross), true],
  ];
  return {
    margin: [0, 12, 0, 0],
    columns: [
      { width: '*', text: '' },
      {
        width: 'auto',
        layout: 'noBorders',
        table: {
          body: rows.map(([name, value, strong]) => [
            { text: name, bold: !!strong },
            { text: value, alignment: 'right', bold: !!strong },
          ]),
        },
      },
    ],
    unbreakable: true,
  };
}

function notes(document: InvoiceDocument): Content[] {
  const reasons = document.taxes.filter((row) => row.reason).map((row) => `${row.category}: ${row.reason}`);
  const own = document.taxInFirmCurrency;
  const { money, factor } = documentTexts(document.writing);
  return [
    ...reasons,
    ...(own
      ? [
          `Tax total in ${own.currency}: ${money(own.minor, own.currency)}, at ${factor(own.exchangeRate)} ${own.currency} for 1 ${document.currency}.`,
        ]
      : []),
    ...(document.kind === 'credit note'
      ? [`Reason: ${document.reason}`]
      : [`Please pay within ${document.paymentDays} days of issue, naming ${document.number}. ${document.paymentDetails}`]),
  ].map((text): Content => ({ text, margin: [0, 6, 0, 0], color: INK_2 }));
}

/** How large a logo is printed at most, points. */
const LOGO = { width: 160, height: 64 };

/** What stands before the lines: the title, with the logo beside it. */
function head(title: string, { logo }: InvoiceDocument, picture: Uint8Array | undefined): Content {
  const words = { text: title, font: 'Serif', fontSize: 22 };
  if (!logo || !picture) return { ...words, margin: [0, 0, 0, 14] };
  const scale = Math.min(LOGO.width / logo.width, LOGO.height / logo.height);
  const image = `data:image/png;base64,${Buffer.from(picture).toString('base64')}`;
  return {
    columns: [
      { ...words, width: '*' },
      { image, width: logo.width * scale, height: logo.height * scale },
    ],
    margin: [0, 0, 0, 14],
  };
}

/** A text of the firm's, a paragraph each line. */
const paragraphs = (text: string | undefined): Content[] =>
  text ? [{ stack: text.split('\n').map((line) => ({ text: line || ' ' })), margin: [0, 14, 0, 0] }] : [];

/**
 * The pages of a document, from its snapshot alone.
 * @param picture its logo, PNG
 */
export function pdfDefinition(document: InvoiceDocument, picture?: Uint8Array): TDocumentDefinitions {
  const title = document.kind === 'invoice' ? 'Invoice' : 'Credit note';
  return {
    info: { title: `${title} ${document.number}`, author: document.seller.name },
    language: 'en-GB',
    pageSize: 'A4',
    pageMargins: [56, 56, 56, 64],
    defaultStyle: { font: 'Sans', fontSize: 10, color: INK, lineHeight: 1.15 },
    content: [
      head(title, document, picture),
      { columns: [party('From', document.seller), party('To', document.buyer), facts(document)], columnGap: 18 },
      ...paragraphs(document.opening),
      lines(document),
      totals(document),
      ...paragraphs(document.closing),
      { stack: notes(document), margin: [0, 18, 0, 0], unbreakable: true },
    ],
    footer: (page, pages) => ({
      text: `${document.seller.name}, ${document.number}, page ${page} of ${pages}`,
      alignment: 'center',
      color: INK_2,
      fontSize: 8,
      margin: [0, 24, 0, 0],
    }),
  };
}

/**
 * Renders a document.
 * @param picture its logo, PNG
 * @returns the bytes of the PDF
 */
export function renderPdf(document: InvoiceDocument, picture?: Uint8Array): Promise<Uint8Array> {
  return pdfmake.createPdf(pdfDefinition(document, picture)).getBuffer() as Promise<Buffer>;
}
