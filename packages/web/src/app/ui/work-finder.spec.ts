import { ChangeDetectionStrategy, Component } from '@angular/core';
import { Page, WORK, id, open, refusal } from '../testing/fake-server';
import { workFinder } from './work-finder';

/** While something is on its way, the page is not settled: a moment passes all the same. */
const pause = () => new Promise((resolve) => setTimeout(resolve, 60));

@Component({ template: '', changeDetection: ChangeDetectionStrategy.OnPush })
class Finding {
  readonly finder = workFinder('tree');
}

describe('finding work while somebody types', () => {
  let page: Page<Finding>;
  const waiting: (() => void)[] = [];

  beforeEach(async () => {
    waiting.length = 0;
    page = await open(Finding, { url: '/f/f/record', roles: ['owner'] });
  });
  afterEach(() => page.element.remove());
  const finder = () => page.fixture.componentInstance.finder;
  const asked = () => page.server.to('findWork').map(({ query }) => query.words);
  const slow = () =>
    page.server.on('findWork', async ({ query }) => {
      await new Promise<void>((resolve) => waiting.push(resolve));
      return { found: [`project:${query.words}`], known: { ...WORK } };
    });

  it('asks of what stands there last, once what was asked before is answered', async () => {
    slow();
    finder().look('p');
    await pause();
    finder().look('pi');
    finder().look('pie ');
    await pause();
    expect([asked(), finder().answer(), finder().busy()]).toEqual([['p'], null, true]);
    waiting.shift()!();
    await pause();
    expect([asked(), finder().answer()?.found, finder().busy()]).toEqual([['p', 'pie'], ['project:p'], true]);
    waiting.shift()!();
    await pause();
    expect([finder().answer()?.found, finder().busy()]).toEqual([['project:pie'], false]);
    // The same words are not asked of twice, and no words of nothing.
    finder().look('pie');
    expect(await finder().of(' pie')).toEqual(['project:pie']);
    finder().look('  ');
    await page.settle(10);
    expect([asked().length, finder().answer(), finder().busy()]).toEqual([2, null, false]);
  });

  it('waits for what is found of words that are asked of out of turn', async () => {
    const found = finder().of('soundings');
    expect(await found).toEqual([`task:${id(31)}`]);
    page.server.on('findWork', () => refusal(503, 'not-ready', 'The server is busy.'));
    expect(await finder().of('other')).toBeNull();
    finder().look('other');
    await page.settle(10);
    expect(finder().answer()).toEqual({ words: 'other', found: null });
  });
});
