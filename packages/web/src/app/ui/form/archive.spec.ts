import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import { workActions } from '../../state/work';
import { Page, WORK, id, open, workOf } from '../../testing/fake-server';
import { ClientField } from './client-field';
import { ProjectField } from './project-field';

describe('what is in the archive', () => {
  const [pier, office] = WORK.projects;
  const work = workOf({
    ...WORK,
    clients: [...WORK.clients, { id: id(12), name: 'Old Quay', currency: 'GBP', archived: true }],
    projects: [{ ...pier!, archived: true }, office!],
  });
  const inputs = { label: 'One' };

  async function offered<T>(page: Page<T>): Promise<string[]> {
    TestBed.inject(Store).dispatch(workActions.workKnown({ work }));
    const found = await page.find(' ');
    page.element.remove();
    return found;
  }

  it('is offered by no field of clients', async () => {
    const page = await open(ClientField, { url: '/f/f/record', roles: ['owner'], inputs });
    expect(await offered(page)).toEqual(['Harbour Trust']);
  });

  it('is offered by no field of projects', async () => {
    const page = await open(ProjectField, { url: '/f/f/record', roles: ['owner'], inputs });
    expect(await offered(page)).toEqual(['Running the office, P2Practice']);
  });
});
