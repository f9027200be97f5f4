import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { ProblemError } from '../api/problem-error';
import { Refresh } from '../state/refresh';
import { NO_ANSWER, Page, open, refusal } from '../testing/fake-server';
import { command } from './command';
import { Failure } from './failure';

@Component({
  imports: [Failure],
  template: `
    <button (click)="press()">Send</button>
    @if (placed()) {
      <yw-failure [of]="command" />
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class Screen {
  readonly command = command();
  readonly inTurn = command({ inTurn: true });
  readonly placed = signal(true);
  work: (id: string) => Promise<unknown> = () => Promise.resolve();
  press = () => this.command.run((id) => this.work(id));
}

const REFUSED = () => Promise.reject(new ProblemError(refusal(409, 'version-old', 'Somebody changed it meanwhile.')));

describe('a command', () => {
  let page: Page<Screen>;
  let screen: Screen;
  let read: number;

  beforeEach(async () => {
    page = await open(Screen, { url: '/f/f/record', roles: ['staff'] });
    screen = page.fixture.componentInstance;
    read = TestBed.inject(Refresh).tick();
  });
  afterEach(() => page.element.remove());

  const readAgain = () => TestBed.inject(Refresh).tick() - read;

  it('is given once, however often somebody presses while it is on its way', async () => {
    let sent = 0;
    let answer = () => undefined as void;
    screen.work = () => ((sent += 1), new Promise<void>((resolve) => (answer = resolve)));
    page.button('Send').click();
    page.button('Send').click();
    expect(sent).toBe(1);
    answer();
    await page.settle();
    await page.press('Send');
    expect(sent).toBe(2);
  });

  it('tells what was done, has it read again, and answers with what came of it', async () => {
    const answer = await screen.command.run(() => Promise.resolve(7), { done: (number) => `${number} sent` });
    await page.settle();
    expect([answer, page.notice(), readAgain()]).toEqual([7, '7 sent', 1]);
  });

  it('keeps a refusal in its place until another begins, and reads again what it was about', async () => {
    screen.work = REFUSED;
    await page.press('Send');
    expect([page.refused(), page.notice(), readAgain()]).toEqual(['Somebody changed it meanwhile.', '', 1]);
    screen.work = () => Promise.resolve();
    await page.press('Send');
    expect(page.refused()).toBe('');
    screen.command.refuse('Type an amount.');
    await page.settle();
    expect(page.refused()).toBe('Type an amount.');
    screen.command.forget();
    await page.settle();
    expect(page.refused()).toBe('');
  });

  it('tells a refusal at the foot where it has no place', async () => {
    screen.placed.set(false);
    await page.settle();
    screen.work = REFUSED;
    await page.press('Send');
    expect(page.notice()).toContain('Somebody changed it meanwhile.');
  });

  it('keeps its id while nobody answers, for the same thing only, so that it happens once', async () => {
    const ids: string[] = [];
    const send = (work: () => Promise<unknown>, about?: string) =>
      screen.command.run((id) => (ids.push(id), work()), about ? { about } : {});
    await send(NO_ANSWER, 'this');
    await send(NO_ANSWER, 'this');
    await send(NO_ANSWER, 'another');
    await send(() => Promise.resolve(), 'another');
    await send(REFUSED, 'another');
    await send(() => Promise.resolve(), 'another');
    await send(() => Promise.reject(new ProblemError(refusal(503, 'busy', 'Come back.'))));
    await send(() => Promise.resolve());
    const [first, second, third, fourth, fifth, sixth, seventh, eighth] = ids;
    expect([second, fourth, eighth]).toEqual([first, third, seventh]);
    expect(new Set([first, third, fifth, sixth, seventh]).size).toBe(5);
  });

  it('can be undone from what is told; an undo that is refused says so and stays', async () => {
    let undone = REFUSED as () => Promise<unknown>;
    await screen.command.run(() => Promise.resolve(), { done: 'Approved', undo: () => undone() });
    await page.settle();
    await page.undo();
    expect(page.notice()).toContain('Approved, and not undone. Somebody changed it meanwhile.');
    undone = () => Promise.resolve();
    await page.undo();
    expect(page.notice()).toBe('Undone: Approved');
    expect(readAgain()).toBe(3);
  });

  it('waits for the one before it, where what is typed is saved at once', async () => {
    const order: string[] = [];
    const slow = screen.inTurn.run(async () => {
      await new Promise((resolve) => setTimeout(resolve, 10));
      order.push('first');
      throw new ProblemError(refusal(409, 'version-old', 'No.'));
    });
    const quick = screen.inTurn.run(() => Promise.resolve(order.push('second')));
    await Promise.all([slow, quick]);
    expect(order).toEqual(['first', 'second']);
    await page.settle();
  });
});
