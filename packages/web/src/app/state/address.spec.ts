import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { pageProviders } from '../testing/fake-server';
import { Address } from './address';

describe('the address of the page', () => {
  let address: Address;

  async function at(url: string): Promise<void> {
    TestBed.configureTestingModule({ providers: pageProviders() });
    address = TestBed.inject(Address);
    await TestBed.inject(Router).navigateByUrl(url);
  }
  const url = () => decodeURIComponent(TestBed.inject(Router).url);

  it('is read: firm, step, scope, period, day, selection', async () => {
    await at('/f/quill/review?scope=project:p1&period=2026-W24&day=2026-06-09&sel=person:x');
    expect([address.firm(), address.step(), address.scope(), address.scopeId()]).toEqual(['quill', 'review', 'project:p1', 'p1']);
    expect(address.period()).toEqual(jasmine.objectContaining({ from: '2026-06-08', to: '2026-06-14' }));
    expect([address.day(), address.selection()]).toEqual(['2026-06-09', { kind: 'person', id: 'x' }]);
  });

  it('takes nothing for a period, a day or a selection that is none', async () => {
    await at('/f/quill/record?period=soon&day=2026-02-30&sel=entry');
    expect([address.period(), address.day(), address.selection(), address.scope()]).toEqual([null, null, null, 'all']);
  });

  it('keeps both of two changes that are made at once', async () => {
    await at('/f/quill/record');
    await Promise.all([address.set({ day: '2026-06-09' }, true), address.set({ sel: 'entry:e' }, true)]);
    expect(url()).toBe('/f/quill/record?day=2026-06-09&sel=entry:e');
    await address.set({ day: null });
    expect(url()).toBe('/f/quill/record?sel=entry:e');
  });

  it('drops the selection with a new scope, and says nothing of the scope of everything', async () => {
    await at('/f/quill/bill?scope=client:c&sel=entry:e');
    await address.set({ scope: 'project:p' });
    expect(url()).toBe('/f/quill/bill?scope=project:p');
    await address.set({ scope: 'all' });
    expect(url()).toBe('/f/quill/bill');
  });

  it('takes the scope along to another step, and leaves the period behind', async () => {
    await at('/f/quill/review?scope=client:c&period=2026-W24');
    expect(address.stepLink('bill')).toEqual({ commands: ['/f', 'quill', 'bill'], queryParams: { scope: 'client:c' } });
  });

  it('leads back to a step as it was looked at last, with the scope of now and nothing selected', async () => {
    await at('/f/quill/review?scope=client:c&period=2026-W24&sel=person:x');
    TestBed.tick();
    await TestBed.inject(Router).navigateByUrl('/f/quill/bill?scope=project:p&upto=2026-06-08&by=entry');
    TestBed.tick();
    expect([address.upTo(), address.by(), address.period()]).toEqual(['2026-06-08', 'entry', null]);
    expect(address.stepLink('review').queryParams).toEqual({ period: '2026-W24', scope: 'project:p' });
    expect(address.stepLink('collect').queryParams).toEqual({ scope: 'project:p' });
    await TestBed.inject(Router).navigateByUrl('/f/quill/review');
    TestBed.tick();
    expect(address.stepLink('bill').queryParams).toEqual({ upto: '2026-06-08', by: 'entry' });
    // Of another firm nothing is known.
    await TestBed.inject(Router).navigateByUrl('/f/oak/review');
    TestBed.tick();
    expect(address.stepLink('bill').queryParams).toEqual({});
  });
});
