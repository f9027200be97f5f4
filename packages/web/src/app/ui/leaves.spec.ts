import { ChangeDetectionStrategy, Component, signal } from '@angular/core';
import { Page, open } from '../testing/fake-server';
import { ChoiceField } from './form/choice-field';
import { WorkField } from './form/work-field';
import { Leaves } from './leaves';

@Component({
  imports: [ChoiceField, Leaves, WorkField],
  template: `
    <div (ywLeave)="left.set(left() + 1)">
      <yw-choice-field label="Service" [choices]="choices" />
      <yw-work-field label="Project or task" />
    </div>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
class Form {
  readonly left = signal(0);
  readonly choices = [{ value: 'a', word: 'Survey' }];
}

describe('leaving by Escape', () => {
  let page: Page<Form>;
  beforeEach(async () => (page = await open(Form, { url: '/f/f/record', roles: ['staff'] })));
  afterEach(() => page.element.remove());
  const left = () => page.fixture.componentInstance.left();

  it('closes the list of a choice first, and what is around it by the next press', async () => {
    const choice = page.element.querySelector<HTMLElement>('mat-select')!;
    choice.focus();
    await page.key(choice, 'ArrowDown', { altKey: true });
    await page.settle(50);
    expect(page.offered()).toEqual(['Survey']);
    await page.key(choice, 'Escape');
    await page.settle(300);
    expect([page.offered(), left()]).toEqual([[], 0]);
    await page.key(choice, 'Escape');
    expect(left()).toBe(1);
  });

  it('closes the list of what is found first, as well', async () => {
    await page.find('pile');
    const box = page.element.querySelector('input')!;
    await page.key(box, 'Escape');
    await page.settle(50);
    expect([page.offered(), left()]).toEqual([[], 0]);
    await page.key(box, 'Escape');
    expect(left()).toBe(1);
  });
});
