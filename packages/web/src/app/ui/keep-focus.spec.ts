import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { Page, open } from '../testing/fake-server';
import { KeepFocus } from './keep-focus';

@Component({
  template: `
    <main id="work" tabindex="-1">
      <ul>
        @for (name of names(); track name) {
          <li>
            <button>{{ name }}</button>
          </li>
        }
      </ul>
      @if (form()) {
        <form><input aria-label="Amount" /></form>
      }
      <p>Nothing to press here.</p>
      <button [disabled]="off()">Go on</button>
    </main>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class Screen {
  readonly names = signal(['one', 'two', 'three']);
  readonly form = signal(true);
  readonly off = signal(false);
  constructor() {
    inject(KeepFocus);
  }
}

describe('the focus', () => {
  let page: Page<Screen>;
  let screen: Screen;

  beforeEach(async () => {
    page = await open(Screen, { url: '/f/f/record', roles: ['staff'] });
    screen = page.fixture.componentInstance;
  });
  afterEach(() => page.element.remove());

  const focused = () => {
    const one = document.activeElement!;
    return one.getAttribute('aria-label') ?? (one === document.body ? 'body' : one.id || one.textContent!.trim());
  };
  async function without(...gone: string[]): Promise<string> {
    screen.names.update((names) => names.filter((name) => !gone.includes(name)));
    await page.settle();
    return focused();
  }

  it('goes to what took the place of what is gone, and to what stood before it at the end', async () => {
    page.button('two').focus();
    expect(await without('two')).toBe('three');
    expect(await without('three')).toBe('one');
  });

  it('leaves a list that is empty for what comes after it', async () => {
    page.button('one').focus();
    expect(await without('one', 'two', 'three')).toBe('Amount');
    screen.form.set(false);
    await page.settle();
    expect(focused()).toBe('Go on');
  });

  it('leaves what cannot be pressed any more', async () => {
    page.button('Go on').focus();
    screen.off.set(true);
    await page.settle(50);
    screen.names.set(['one', 'two']);
    await page.settle();
    expect(focused()).not.toBe('body');
  });

  it('ends at the work when nothing is left to press', async () => {
    page.button('two').focus();
    screen.off.set(true);
    screen.form.set(false);
    expect(await without('one', 'two', 'three')).toBe('work');
  });

  it('is not brought back to somebody who let it go', async () => {
    page.button('two').focus();
    page.button('two').blur();
    await page.settle(20);
    expect(await without('two')).toBe('body');
  });

  it('is not drawn out of the work to its first button when somebody lets go of the work itself', async () => {
    const work = page.element.querySelector<HTMLElement>('#work')!;
    work.focus();
    await without('two');
    expect(focused()).toBe('work');
    work.blur();
    await page.settle(20);
    expect(await without('three')).toBe('body');
  });

  it('comes back into the page from what opened over it', async () => {
    page.button('two').focus();
    const over = document.createElement('div');
    over.className = 'cdk-overlay-container';
    over.innerHTML = '<button>Over</button>';
    document.body.append(over);
    over.querySelector('button')!.focus();
    screen.names.set(['one', 'three']);
    await page.settle();
    over.remove();
    screen.names.set(['three', 'one']);
    await page.settle();
    expect(focused()).toBe('one');
  });

  it('comes back to where it was from a notice that is gone', async () => {
    page.button('two').focus();
    const over = document.createElement('div');
    over.className = 'cdk-overlay-container';
    over.innerHTML = '<button>Undo</button>';
    document.body.append(over);
    over.querySelector('button')!.focus();
    over.remove();
    screen.names.set(['zero', 'one', 'two']);
    await page.settle();
    expect(focused()).toBe('two');
  });

  it('stays where it is while that is there', async () => {
    page.button('three').focus();
    expect(await without('one')).toBe('three');
  });
});
