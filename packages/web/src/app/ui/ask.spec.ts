import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Page, open } from '../testing/fake-server';
import { Ask, Question } from './ask';

@Component({ template: '', changeDetection: ChangeDetectionStrategy.OnPush })
class Asking {
  private readonly asking = inject(Ask);
  answers: (string | undefined)[] = [];
  ask(question: Question): void {
    void this.asking.ask(question).then((answer) => this.answers.push(answer));
  }
}

describe('a question', () => {
  let page: Page<Asking>;
  const answers = () => page.fixture.componentInstance.answers;
  const ask = async (question: Question) => {
    page.fixture.componentInstance.ask(question);
    await page.settle(30);
  };

  beforeEach(async () => (page = await open(Asking, { url: '/f/f/record', roles: ['staff'] })));
  afterEach(() => page.element.remove());

  it('is not answered by cancelling: neither a plain one nor one for words', async () => {
    await ask({ title: 'Throw it away?', button: 'Throw away' });
    await page.answer('Cancel');
    await ask({ title: 'Why?', field: { label: 'Reason', needed: false }, button: 'Go on' });
    await page.answer('Cancel', 'typed and not meant');
    expect(answers()).toEqual([undefined, undefined]);
  });

  it('is asked once, however often somebody presses while it is on its way', async () => {
    const question = { title: 'Throw it away?', button: 'Throw away' };
    page.fixture.componentInstance.ask(question);
    await ask(question);
    expect(document.querySelectorAll('mat-dialog-container').length).toBe(1);
    await page.answer('Throw away');
    expect(answers()).toEqual([undefined, '']);
  });

  it('is not answered by Escape', async () => {
    await ask({ title: 'Throw it away?', button: 'Throw away' });
    document
      .querySelector('mat-dialog-container')!
      .dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', keyCode: 27, bubbles: true } as KeyboardEventInit));
    await page.settle(200);
    expect(answers()).toEqual([undefined]);
  });

  it('is answered by its button, without words or with trimmed ones', async () => {
    await ask({ title: 'Throw it away?', button: 'Throw away' });
    await page.answer('Throw away');
    await ask({ title: 'Why?', field: { label: 'Reason', needed: true }, button: 'Go on' });
    await page.answer('Go on', '  wrong day \n');
    expect(answers()).toEqual(['', 'wrong day']);
  });

  it('says what it is about, and holds nothing empty where the title says all', async () => {
    const content = () => document.querySelector('mat-dialog-container mat-dialog-content')!;
    await ask({ title: 'Throw it away?', button: 'Throw away' });
    expect(content().childElementCount).toBe(0);
    await page.answer('Cancel');
    await ask({ title: 'Throw it away?', text: 'Two hours are lost.', button: 'Throw away' });
    expect([...content().children].map((one) => one.textContent)).toEqual(['Two hours are lost.']);
  });

  it('insists on a reason that is needed, and says what it is for', async () => {
    await ask({ title: 'Why?', field: { label: 'Reason', needed: true }, button: 'Go on' });
    // Not before somebody has tried.
    expect(document.querySelector('mat-dialog-container [role=alert]')).toBeNull();
    await page.answer('Go on', '   ');
    expect(document.querySelector('mat-dialog-container [role=alert]')!.textContent).toContain('kept in the history');
    expect(document.querySelector('mat-dialog-container textarea')!.getAttribute('aria-invalid')).toBe('true');
    expect(answers()).toEqual([]);
    await page.answer('Go on', 'now I say');
    expect(answers()).toEqual(['now I say']);
  });
});
