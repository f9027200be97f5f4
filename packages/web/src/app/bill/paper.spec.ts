import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideState, provideStore } from '@ngrx/store';
import type { InvoiceDocument } from '@yellowwood/contracts';
import { sessionFeature } from '../state/session';
import { Paper } from './paper';

const party = { name: 'Harbour Trust', address: ['Quay 1'], country: 'GB', taxId: null, email: '' };
const DOCUMENT: InvoiceDocument = {
  kind: 'invoice',
  number: null,
  credits: null,
  reason: '',
  seller: { ...party, name: 'Firm', taxId: 'GB 1' },
  buyer: party,
  orderReference: 'HT-1',
  issuedOn: null,
  supplyFrom: '2026-06-08',
  supplyTo: '2026-06-12',
  dueOn: null,
  paymentDays: 30,
  paymentDetails: 'Bank 1',
  writing: { dates: 'en-GB', numbers: 'en-GB', yearFirst: false },
  currency: 'GBP',
  lines: [
    {
      key: 'a',
      kind: 'time',
      text: 'Glazing, site survey',
      quantity: '4:00',
      price: '90.00',
      minor: 36_000,
      category: 'S',
      taxRate: 200_000,
      projectId: 'p',
      entries: 2,
    },
    {
      key: 'b',
      kind: 'over-limit',
      text: 'Over the agreed limit, not charged',
      quantity: '−1',
      price: '60.00',
      minor: -6000,
      category: 'S',
      taxRate: 200_000,
      projectId: 'p',
      entries: 2,
    },
  ],
  net: 30_000,
  taxes: [{ category: 'S', name: 'VAT', rate: 200_000, base: 30_000, minor: 6000, reason: '' }],
  tax: 6000,
  gross: 36_000,
  taxInFirmCurrency: null,
};

describe('a document on paper', () => {
  it('shows every figure of the document, and lets a text be edited and nothing else', async () => {
    TestBed.configureTestingModule({
      providers: [provideZonelessChangeDetection(), provideStore(), provideState(sessionFeature)],
    });
    const fixture = TestBed.createComponent(Paper);
    fixture.componentRef.setInput('document', DOCUMENT);
    fixture.componentRef.setInput('editable', true);
    const edits: { key: string; text: string }[] = [];
    fixture.componentInstance.textEdited.subscribe((edit) => edits.push(edit));
    await fixture.whenStable();
    const element = fixture.nativeElement as HTMLElement;
    const rows = [...element.querySelectorAll('tr')].map((row) =>
      [...row.querySelectorAll('td')].map((cell) => cell.querySelector('textarea')?.value ?? cell.textContent!.trim()),
    );
    expect(rows).toContain(['Glazing, site survey', '4:00', '90.00', '360.00']);
    expect(rows).toContain(['Over the agreed limit, not charged', '−1', '60.00', '−60.00']);
    expect(rows).toContain(['VAT 20% on 300.00', '60.00']);
    expect(rows).toContain(['To pay, GBP', '360.00']);
    expect(element.textContent).toContain('Draft, number given when issued');
    expect(element.querySelectorAll('input, textarea').length).toBe(2);
    const text = element.querySelector('textarea')!;
    text.value = 'As agreed';
    text.dispatchEvent(new Event('change'));
    expect(edits).toEqual([{ key: 'a', text: 'As agreed' }]);
    fixture.componentRef.setInput('editable', false);
    fixture.componentRef.setInput('document', { ...DOCUMENT, number: 'T-0001', issuedOn: '2026-06-12', dueOn: '2026-07-12' });
    await fixture.whenStable();
    expect(element.querySelectorAll('textarea').length).toBe(0);
    expect(element.textContent).toContain('due 12 July 2026');
  });

  it('writes dates and figures as the document does, whoever reads it', async () => {
    TestBed.configureTestingModule({
      providers: [provideZonelessChangeDetection(), provideStore(), provideState(sessionFeature)],
    });
    const fixture = TestBed.createComponent(Paper);
    const textOf = async (writing: InvoiceDocument['writing']) => {
      fixture.componentRef.setInput('document', { ...DOCUMENT, writing });
      await fixture.whenStable();
      return (fixture.nativeElement as HTMLElement).textContent!;
    };
    const german = await textOf({ dates: 'en-US', numbers: 'de-DE', yearFirst: false });
    expect(german).toContain('Work June 8, 2026 to June 12, 2026');
    expect(german).toContain('360,00');
    // From before firms could choose.
    const before = await textOf(undefined);
    expect(before).toContain('Work 2026-06-08 to 2026-06-12');
    expect(before).toContain('360.00');
  });

  it('has the logo and the texts of the firm', async () => {
    TestBed.configureTestingModule({
      providers: [provideZonelessChangeDetection(), provideStore(), provideState(sessionFeature)],
    });
    const fixture = TestBed.createComponent(Paper);
    const logo = { id: 'x1', width: 600, height: 200 };
    fixture.componentRef.setInput('document', {
      ...DOCUMENT,
      logo,
      opening: 'Dear all,\nthank you.',
      closing: '<b>Kind</b> regards',
    });
    await fixture.whenStable();
    const element = fixture.nativeElement as HTMLElement;
    const picture = element.querySelector('img')!;
    expect([picture.getAttribute('src')!.endsWith('/logos/x1'), picture.alt]).toEqual([true, 'Logo of Firm']);
    // What somebody typed is text, whatever it looks like.
    expect([...element.querySelectorAll('.own')].map((one) => one.textContent)).toEqual([
      ...['Dear all,\nthank you.', '<b>Kind</b> regards'],
    ]);
    fixture.componentRef.setInput('document', DOCUMENT);
    await fixture.whenStable();
    expect([element.querySelector('img'), element.querySelectorAll('.own').length]).toEqual([null, 0] as never);
  });

  it('leads from a line to what it bills, where it bills something and where it may be asked', async () => {
    TestBed.configureTestingModule({
      providers: [provideZonelessChangeDetection(), provideStore(), provideState(sessionFeature)],
    });
    const fixture = TestBed.createComponent(Paper);
    const [first, last] = DOCUMENT.lines;
    fixture.componentRef.setInput('document', { ...DOCUMENT, lines: [first!, { ...last!, entries: 0 }] });
    await fixture.whenStable();
    const buttons = () => [...(fixture.nativeElement as HTMLElement).querySelectorAll('tbody button')];
    expect(buttons().length).toBe(0);
    fixture.componentRef.setInput('leads', true);
    await fixture.whenStable();
    expect(buttons().map((one) => [one.textContent!.trim(), one.getAttribute('aria-expanded')])).toEqual([
      ['Glazing, site survey', 'false'],
    ]);
    const opened: string[] = [];
    fixture.componentInstance.lineOpened.subscribe((key) => opened.push(key));
    (buttons()[0] as HTMLButtonElement).click();
    fixture.componentRef.setInput('opened', 'a');
    await fixture.whenStable();
    expect([opened, buttons()[0]!.getAttribute('aria-expanded')]).toEqual([['a'], 'true']);
  });

  it('says why a tax is none, below the sums', async () => {
    TestBed.configureTestingModule({
      providers: [provideZonelessChangeDetection(), provideStore(), provideState(sessionFeature)],
    });
    const fixture = TestBed.createComponent(Paper);
    const tax = { category: 'AE', name: 'VAT', rate: 0, base: 30_000, minor: 0, reason: 'Reverse charge' } as const;
    fixture.componentRef.setInput('document', { ...DOCUMENT, taxes: [tax] });
    await fixture.whenStable();
    const notes = [...(fixture.nativeElement as HTMLElement).querySelectorAll('p')].map((note) => note.textContent!.trim());
    expect(notes).toContain('Reverse charge');
  });

  it('says nothing of what a document does not have', async () => {
    TestBed.configureTestingModule({
      providers: [provideZonelessChangeDetection(), provideStore(), provideState(sessionFeature)],
    });
    const fixture = TestBed.createComponent(Paper);
    const show = async (names: Partial<InvoiceDocument>) => {
      fixture.componentRef.setInput('document', { ...DOCUMENT, lines: [], orderReference: '', ...names });
      await fixture.whenStable();
      const notes = [...(fixture.nativeElement as HTMLElement).querySelectorAll('p')];
      expect(notes.filter((note) => note.textContent!.trim() === '')).toEqual([]);
      return (fixture.nativeElement as HTMLElement).textContent!.replace(/\s+/g, ' ').trim();
    };
    expect(await show({})).toBe(
      'Invoice Draft, number given when issuedHarbour TrustQuay 1GBFrom Firm, GB 1Work 8 June 2026 to 12 June 2026Due 30 days after issueWorkQuantityPriceNetNet300.00VAT 20% on 300.0060.00To pay, GBP360.00Bank 1',
    );
    const credit = { kind: 'credit note', number: 'C-0001', credits: 'T-0001', reason: 'Wrong date' } as const;
    expect(await show({ ...credit, issuedOn: '2026-06-12', dueOn: '2026-06-12' })).toBe(
      'Credit note C-0001Harbour TrustQuay 1GBFrom Firm, GB 1Work 8 June 2026 to 12 June 2026Issued 12 June 2026 Credits T-0001WorkQuantityPriceNetNet300.00VAT 20% on 300.0060.00Credited, GBP360.00Reason: Wrong date',
    );
  });
});
