import fc from 'fast-check';
import { inOwnWords } from './own-words';

const WORDS = {
  client: { one: 'customer', many: 'customers' },
  project: { one: 'order', many: 'orders' },
  task: { one: 'work item', many: 'work items' },
  service: { one: 'unit', many: 'units' },
};

describe('the words of a firm', () => {
  it('stand for ours, one and many, within a sentence and at its beginning', () => {
    expect(inOwnWords('Clients, projects and tasks', WORDS)).toBe('Customers, orders and work items');
    expect(inOwnWords('The client’s project has no service.', WORDS)).toBe('The customer’s order has no unit.');
    expect(inOwnWords('Project manager', WORDS)).toBe('Order manager');
  });

  it('have the article that goes with them', () => {
    expect(inOwnWords('Type a project or task', WORDS)).toBe('Type an order or work item');
    expect(inOwnWords('A service of a client', WORDS)).toBe('A unit of a customer');
    expect(inOwnWords('A project', { project: { one: 'assignment', many: 'assignments' } })).toBe('An assignment');
  });

  it('leave what is not theirs', () => {
    const text = 'The projection of a taskbar, serviced by a clientele';
    expect(inOwnWords(text, WORDS)).toBe(text);
    expect(inOwnWords('Clients and projects', { project: { one: 'job', many: 'jobs' } })).toBe('Clients and jobs');
    expect(inOwnWords('Clients and projects', {})).toBe('Clients and projects');
  });

  it('leave none of ours behind', () => {
    const ours = fc.constantFrom('client', 'Projects', 'a task', 'A service', 'tasks', 'Clients', 'services', 'the project');
    fc.assert(
      fc.property(fc.array(ours, { maxLength: 8 }), (parts) => {
        expect(inOwnWords(parts.join(', '), WORDS)).not.toMatch(/client|project|task|service/i);
      }),
    );
  });
});
