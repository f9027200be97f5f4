import { signal } from '@angular/core';
import { Page, open } from '../testing/fake-server';
import { Loading } from './loading';

describe('what stands where something is read', () => {
  let page: Page<Loading>;
  const value = signal<unknown>(null);
  const sentence = signal('');
  afterEach(() => page.element.remove());

  const shapes = () => page.element.querySelectorAll('i').length;

  it('is shapes until it is there, and the sentence where it cannot be read', async () => {
    page = await open(Loading, { url: '/f/f/record', roles: ['staff'], inputs: { of: { value, sentence }, lines: 3 } });
    expect([shapes(), page.element.getAttribute('aria-busy')]).toEqual([3, 'true']);
    sentence.set('Try again in a moment.');
    await page.settle();
    expect([shapes(), page.text('[role=alert]'), page.element.getAttribute('aria-busy')]).toEqual([
      ...[0, 'Try again in a moment.', 'false'],
    ]);
    sentence.set('');
    value.set(0);
    await page.settle();
    expect([shapes(), page.text(), page.element.getAttribute('aria-busy')]).toEqual([0, '', 'false']);
  });

  it('is nothing where a table has shapes of its own', async () => {
    value.set(null);
    page = await open(Loading, { url: '/f/f/record', roles: ['staff'], inputs: { of: { value, sentence } } });
    expect([shapes(), page.element.getAttribute('aria-busy')]).toEqual([0, 'false']);
  });
});
