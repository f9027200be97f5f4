/**
 * Has the work stand there during the tests of a suite, as it does once a firm is open: what leads there finds it at once, and
 * looks for it no longer while the next tests run.
 */
export function withWork(): void {
  let work: HTMLElement;
  beforeEach(() => {
    work = document.createElement('main');
    work.id = 'work';
    work.tabIndex = -1;
    document.body.append(work);
  });
  afterEach(() => work.remove());
}
