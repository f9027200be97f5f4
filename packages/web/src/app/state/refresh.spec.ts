import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Refresh } from './refresh';

describe('reading again', () => {
  let refresh: Refresh;
  let visible: jasmine.Spy;

  beforeEach(() => {
    jasmine.clock().install();
    visible = spyOnProperty(Document.prototype, 'visibilityState').and.returnValue('visible');
    TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection()] });
    refresh = TestBed.inject(Refresh);
  });
  afterEach(() => jasmine.clock().uninstall());

  it('comes every fifteen seconds while the page is looked at, and when it is looked at again', () => {
    jasmine.clock().tick(14_999);
    expect(refresh.tick()).toBe(0);
    jasmine.clock().tick(1);
    expect(refresh.tick()).toBe(1);
    visible.and.returnValue('hidden');
    jasmine.clock().tick(60_000);
    expect(refresh.tick()).toBe(1);
    window.dispatchEvent(new Event('focus'));
    expect(refresh.tick()).toBe(2);
  });

  it('comes after an own write, and in every other window of the browser', async () => {
    const other = new BroadcastChannel('yellowwood');
    const heard = new Promise<string>((resolve) => (other.onmessage = ({ data }) => resolve(data as string)));
    refresh.written();
    expect(refresh.tick()).toBe(1);
    expect(await heard).toBe('written');
    other.postMessage('written');
    // What is sent later arrives later.
    const behind = new BroadcastChannel('yellowwood');
    const arrived = new Promise((resolve) => (behind.onmessage = resolve));
    other.postMessage('behind');
    await arrived;
    expect(refresh.tick()).toBe(3);
    other.close();
    behind.close();
  });

  it('ends with the page: no more is heard, and what was on its way does no harm', () => {
    TestBed.resetTestingModule();
    jasmine.clock().tick(60_000);
    window.dispatchEvent(new Event('focus'));
    expect(refresh.tick()).toBe(0);
    expect(() => refresh.written()).not.toThrow();
  });
});
