import { firstValueFrom } from 'rxjs';
import { focusWhenThere } from './focus-when-there';

describe('focusWhenThere', () => {
  const made: HTMLElement[] = [];
  const button = () => {
    const one = document.body.appendChild(document.createElement('button'));
    made.push(one);
    return one;
  };
  const key = (name: string) => document.dispatchEvent(new KeyboardEvent('keydown', { key: name }));

  afterEach(() => made.splice(0).forEach((one) => one.remove()));

  it('puts the focus on what comes some frames later', async () => {
    let late: HTMLElement | null = null;
    const there = firstValueFrom(focusWhenThere(() => late));
    requestAnimationFrame(() => requestAnimationFrame(() => (late = button())));
    expect(await there).toBe(late);
    expect(document.activeElement).toBe(late);
  });

  it('waits until what comes is whole: what was drawn just now is bound a moment later', async () => {
    let looked = 0;
    let late: HTMLElement | null = null;
    let whole = false;
    let wasWhole: boolean | null = null;
    const find = () => {
      looked += 1;
      if (looked === 2) {
        late = button();
        late.addEventListener('focus', () => (wasWhole = whole));
        setTimeout(() => (whole = true));
      }
      return late;
    };
    expect(await firstValueFrom(focusWhenThere(find))).toBe(late);
    expect(wasWhole!).toBeTrue();
  });

  it('says null for what does not come', async () => {
    expect(await firstValueFrom(focusWhenThere(() => null, 3))).toBeNull();
  });

  it('leaves the focus to whoever went elsewhere meanwhile', async () => {
    const [asked, elsewhere, late] = [button(), button(), button()];
    asked.focus();
    const there = firstValueFrom(focusWhenThere(() => late));
    key('F6');
    elsewhere.focus();
    expect(await there).toBeNull();
    expect(document.activeElement).toBe(elsewhere);
  });

  it('leaves the focus where something is put in without a key, as by dictation', async () => {
    const [asked, elsewhere, late] = [button(), button(), button()];
    asked.focus();
    const there = firstValueFrom(focusWhenThere(() => late));
    elsewhere.focus();
    elsewhere.dispatchEvent(new InputEvent('input', { bubbles: true }));
    expect(await there).toBeNull();
    expect(document.activeElement).toBe(elsewhere);
  });

  it('still comes where the page, not the person, moved the focus, or where a key moved nothing', async () => {
    const [asked, elsewhere, late] = [button(), button(), button()];
    asked.focus();
    const moved = firstValueFrom(focusWhenThere(() => late));
    elsewhere.focus();
    expect(await moved).toBe(late);
    asked.focus();
    const pressed = firstValueFrom(focusWhenThere(() => late));
    key('Shift');
    expect(await pressed).toBe(late);
  });
});
