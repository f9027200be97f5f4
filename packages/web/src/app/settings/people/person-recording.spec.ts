import type { PersonFacts } from '@yellowwood/contracts';
import { Page, id, open } from '../../testing/fake-server';
import { PersonRecording } from './person-recording';

const PERSON = {
  id: id(2),
  version: 3,
  recording: { ways: null, dayMaximum: null, weekMaximum: null },
  planned: { hours: [28_800, 28_800, 28_800, 28_800, 28_800, 0, 0], dayStart: '09:00', dayEnd: '17:30', from: '2026-01-05' },
} as unknown as PersonFacts;

describe('how one person records', () => {
  let page: Page<PersonRecording>;
  beforeEach(async () => {
    page = await open(PersonRecording, {
      ...{ url: '/f/f/settings/people', roles: ['owner'], inputs: { person: PERSON } },
      prepare: (server) => server.on('changeRecording', () => null),
    });
    await page.settle(20);
  });
  afterEach(() => page.element.remove());
  async function fill(label: string, text: string) {
    const field = [...page.element.querySelectorAll('label')].find((one) => one.textContent!.trim() === label)!.control!;
    (field as HTMLInputElement).value = text;
    field.dispatchEvent(new Event('input', { bubbles: true }));
    await page.settle(20);
  }
  async function send() {
    page.element.querySelector('form')!.requestSubmit();
    await page.settle(20);
    return page.server.to('changeRecording').at(-1);
  }

  it('is as the firm has it, until something else is said', async () => {
    expect(page.element.querySelector('yw-ways-field')).toBeNull();
    expect(page.text()).toContain('Planned since Mon 5 Jan');
    await fill('The most of a day', '6:00');
    expect((await send())!.body).toEqual({ ways: null, dayMaximum: 21_600, weekMaximum: null });
    await page.press('in ways of their own');
    page.element.querySelector<HTMLInputElement>('yw-ways-field input')!.click();
    await page.settle();
    expect((await send())!.body.ways).toEqual(['length', 'span']);
    await page.press('as the firm has it');
    expect((await send())!.body.ways).toBeNull();
  });

  it('plans another week from a day on, and asks for the day only then', async () => {
    expect(page.element.querySelector<HTMLInputElement>('yw-planned-week input')!.value).toBe('8:00');
    expect(page.element.querySelector('yw-date-field')).toBeNull();
    await fill('Friday', '');
    expect(page.text('.sum')).toBe('32:00 a week');
    const sent = await send();
    expect(sent!.version).toBe('"3"');
    expect(sent!.body.planned).toEqual({
      ...{ hours: [28_800, 28_800, 28_800, 28_800, 0, 0, 0], dayStart: '09:00', dayEnd: '17:30', from: '2026-06-10' },
    });
  });
});
