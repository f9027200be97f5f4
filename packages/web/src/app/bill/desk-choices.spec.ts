import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { Page, open } from '../testing/fake-server';
import { DeskChoices } from './desk-choices';

@Component({ template: '', providers: [DeskChoices], changeDetection: ChangeDetectionStrategy.OnPush })
class Desk {
  readonly choices = inject(DeskChoices);
}

describe('what is chosen at the desk', () => {
  let page: Page<Desk>;
  const choices = () => page.fixture.componentInstance.choices;
  const entry = (id: string) => ({ id });
  const reduction = { minor: 500, reason: 'as agreed' };

  beforeEach(async () => {
    page = await open(Desk, { url: '/f/f/bill?scope=project:p1', roles: ['bookkeeper'] });
  });
  afterEach(() => page.element.remove());

  it('is said one after the other: what was ticked before stays', () => {
    choices().toggle([entry('a'), entry('b')], false);
    choices().toggle([entry('b')], true);
    expect(['a', 'b', 'c'].map((id) => choices().ticks(id))).toEqual([false, true, undefined]);
  });

  it('is taken back alone', () => {
    choices().reduce('a', reduction);
    choices().reduce('b', reduction);
    choices().reduce('a', null);
    expect(['a', 'b'].map((id) => choices().writeDown(id))).toEqual([undefined, reduction]);
    for (const key of ['one', 'two', 'one']) choices().turn(key);
    expect(['one', 'two'].map((key) => choices().isOpen(key))).toEqual([false, true]);
  });

  it('is the document’s once it is made: the next begins without ticks, reductions and texts', () => {
    choices().toggle([entry('a')], false);
    choices().reduce('a', reduction);
    choices().reword('task', 'As agreed on site');
    choices().turn('one');
    choices().beginAnew();
    expect([choices().ticks('a'), choices().writeDown('a'), choices().texts()]).toEqual([undefined, undefined, []]);
    expect(choices().isOpen('one')).toBeTrue();
  });

  it('belongs to its scope, and its day and its lines to the address', async () => {
    choices().toggle([entry('a')], false);
    choices().billUpTo('2026-06-08');
    choices().groupBy('entry');
    await page.settle(20);
    const router = TestBed.inject(Router);
    expect([router.url, choices().grouping()]).toEqual(['/f/f/bill?scope=project:p1&upto=2026-06-08&by=entry', 'entry']);
    choices().groupBy('task');
    await page.settle(20);
    expect([router.url, choices().grouping()]).toEqual(['/f/f/bill?scope=project:p1&upto=2026-06-08', 'task']);
    await router.navigateByUrl('/f/f/bill?scope=project:p2');
    await page.settle();
    expect(choices().ticks('a')).toBeUndefined();
    await router.navigateByUrl('/f/f/bill?scope=project:p1');
    await page.settle();
    expect(choices().ticks('a')).toBeFalse();
  });

  it('is taken up from a draft: what is not on it is left out', () => {
    const wish = { clientId: 'c', upTo: '2026-06-10', grouping: 'task' as const, texts: [{ key: 'task', text: 'So' }] };
    choices().takeUp({ ...wish, entries: [{ id: 'a', writeDown: reduction }] }, [entry('a'), entry('b')]);
    expect(['a', 'b'].map((id) => choices().ticks(id))).toEqual([true, false]);
    expect([choices().writeDown('a'), choices().texts()]).toEqual([reduction, [{ key: 'task', text: 'So' }]]);
  });
});
