import { Injector, provideZonelessChangeDetection, runInInjectionContext, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Refresh } from '../state/refresh';
import { Loaded, loaded } from './loaded';

describe('loaded', () => {
  const tick = signal(0);
  const question = signal<string | undefined>('a');
  let answers: { question: string; give: (value: string) => void; refuse: () => void }[];
  let shown: Loaded<string>;

  beforeEach(() => {
    answers = [];
    tick.set(0);
    question.set('a');
    TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection(), { provide: Refresh, useValue: { tick } }] });
    shown = runInInjectionContext(TestBed.inject(Injector), () =>
      loaded(
        () => question(),
        (asked) =>
          new Promise<string>((resolve, reject) =>
            answers.push({ question: asked, give: resolve, refuse: () => reject(new Error()) }),
          ),
        (before, now) => before[0] === now[0],
      ),
    );
  });

  const settle = async () => {
    TestBed.tick();
    await new Promise((resolve) => setTimeout(resolve));
  };

  it('shows the answer, keeps it while it is read again, and drops it when the question changes', async () => {
    await settle();
    answers[0]!.give('first');
    await settle();
    expect(shown.value()).toBe('first');
    tick.set(1);
    await settle();
    expect([answers.length, shown.value(), shown.busy()]).toEqual([2, 'first', true]);
    question.set('b');
    await settle();
    expect([answers[2]!.question, shown.value()]).toEqual(['b', null]);
  });

  it('keeps the old picture of the same thing until the new one is there', async () => {
    await settle();
    answers[0]!.give('first');
    await settle();
    question.set('a, later');
    await settle();
    expect([shown.value(), shown.busy()]).toEqual(['first', true]);
    answers[1]!.give('second');
    await settle();
    expect(shown.value()).toBe('second');
  });

  it('shows what is set over everything that is still being read', async () => {
    await settle();
    shown.set('set');
    answers[0]!.give('read before');
    await settle();
    expect([shown.value(), shown.busy()]).toEqual(['set', false]);
  });

  it('drops a late answer to an old question', async () => {
    await settle();
    question.set('b');
    await settle();
    answers[1]!.give('new');
    await settle();
    answers[0]!.give('old');
    await settle();
    expect(shown.value()).toBe('new');
  });

  it('says why there is no answer, keeps what is there, and asks nothing without a question', async () => {
    await settle();
    answers[0]!.give('first');
    await settle();
    tick.set(1);
    await settle();
    answers[1]!.refuse();
    await settle();
    expect([shown.value(), shown.sentence() !== '']).toEqual(['first', true]);
    question.set(undefined);
    await settle();
    expect([answers.length, shown.value()]).toEqual([2, null]);
  });
});
