import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { Page, open } from '../testing/fake-server';
import { kept } from './kept';

const initial = signal('folded');

@Component({ template: '', changeDetection: ChangeDetectionStrategy.OnPush })
class Host {
  readonly of = signal('why');
  readonly choice = kept(
    () => this.of(),
    () => initial(),
  );
}

describe('what is kept of how something is shown', () => {
  let page: Page<Host>;
  const host = () => page.fixture.componentInstance;
  const reopened = async () => {
    page.element.remove();
    TestBed.resetTestingModule();
    page = await open(Host, { url: '/f/f/record', roles: ['staff'], again: true });
    return host().choice();
  };

  beforeEach(async () => {
    initial.set('folded');
    page = await open(Host, { url: '/f/f/record', roles: ['staff'] });
  });
  afterEach(() => page.element.remove());

  it('outlives a reload, for its name and its firm alone', async () => {
    host().choice.set('open');
    await page.settle();
    host().of.set('scope');
    await page.settle();
    expect(host().choice()).toBe('folded');
    host().of.set('why');
    await page.settle();
    expect(host().choice()).toBe('open');
    await TestBed.inject(Router).navigateByUrl('/f/another/record');
    await page.settle();
    expect(host().choice()).toBe('folded');
    expect(await reopened()).toBe('open');
  });

  it('is nothing of what was only read: what comes with the screen may come otherwise next time', async () => {
    await page.settle();
    initial.set('half open');
    expect(await reopened()).toBe('half open');
  });
});
