import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { inOwnWords } from '@yellowwood/core';
import { Address } from '../state/address';
import { OwnWords } from '../state/own-words';
import { Api } from './api';
import { ProblemError, sentenceOf } from './problem-error';

const ID = '0193b1f0-0000-7000-8000-000000000001';

describe('Api', () => {
  let api: Api;
  let http: HttpTestingController;

  beforeEach(async () => {
    TestBed.configureTestingModule({
      providers: [
        provideZonelessChangeDetection(),
        provideHttpClient(),
        provideHttpClientTesting(),
        { provide: OwnWords, useValue: { say: (text: string) => inOwnWords(text, { project: { one: 'job', many: 'jobs' } }) } },
        { provide: Address, useValue: { firm: signal('quillfeather') } },
      ],
    });
    api = TestBed.inject(Api);
    http = TestBed.inject(HttpTestingController);
    await Promise.all(['time', 'billing'].map((domain) => api.prepare(domain)));
  });
  afterEach(() => http.verify());

  it('puts the firm, the parameters and the query into the address', async () => {
    const answer = api.call('readReviewPerson', { params: { id: ID }, query: { from: '2026-06-08', scope: 'all' } });
    const request = http.expectOne((one) => one.url === `/api/f/quillfeather/review/people/${ID}`);
    expect(request.request.params.get('from')).toBe('2026-06-08');
    request.flush({ person: null });
    await answer;
  });

  it('tells a refusal in the words of the firm, and names as they are', async () => {
    const answer = api.call('readWork').catch(sentenceOf);
    http.expectOne('/api/f/quillfeather/work').flush(
      {
        ...{ type: '/problems/project-unknown', title: 'No such project', status: 404, code: 'project-unknown' },
        ...{ detail: 'No project is here for Project Weir, nor a project of 12.', data: { name: 'Project Weir', count: 12 } },
      },
      { status: 404, statusText: 'Not found' },
    );
    expect(await answer).toBe('No job is here for Project Weir, nor a job of 12.' as never);
  });

  it('sends the version that was seen, and a key with every command', async () => {
    const change = api.call('changeEntry', { params: { id: ID }, version: 3, body: { note: 'x' } });
    const changed = http.expectOne(`/api/f/quillfeather/entries/${ID}`);
    expect(changed.request.headers.get('If-Match')).toBe('"3"');
    expect(changed.request.headers.has('Idempotency-Key')).toBeFalse();
    changed.flush({});
    await change;
    const keys = new Set<string>();
    for (let again = 0; again < 2; again += 1) {
      const command = api.call('withdrawPeriod', { params: { from: '2026-06-08' } });
      const sent = http.expectOne('/api/f/quillfeather/periods/2026-06-08/withdraw');
      keys.add(sent.request.headers.get('Idempotency-Key')!);
      sent.flush({});
      await command;
    }
    expect(keys.size).toBe(2);
  });

  it('signs in at once: nothing is fetched first to check it by', async () => {
    const body = { email: 'anna@firm.example', password: 'words' };
    const answer = api.call('signIn', { body });
    const request = http.expectOne('/api/session');
    expect(request.request.body).toEqual(body);
    request.flush({});
    await answer;
  });

  it('checks a body before it is sent, and names the field', async () => {
    const wrong = api.call('createEntry', {
      body: {
        id: ID,
        personId: ID,
        date: 'yesterday',
        projectId: null,
        taskId: null,
        serviceId: null,
        note: '',
        origin: 'grid',
        quantity: 60,
      },
    });
    await expectAsync(wrong).toBeRejectedWith(jasmine.objectContaining({ code: 'request-invalid' }));
    const unknown = api.call('submitPeriod', { params: { from: '2026-06-08' }, body: { note: '', more: 1 } as never });
    await expectAsync(unknown).toBeRejected();
    http.expectNone(() => true);
  });

  it('turns a problem document into its sentence, and silence into one of our own', async () => {
    const refused = api.call('readMe').catch((error: unknown) => error);
    http
      .expectOne('/api/f/quillfeather/me')
      .flush(
        { type: '/problems/firm-unknown', title: 't', status: 404, detail: 'There is no firm.', code: 'firm-unknown' },
        { status: 404, statusText: 'Not Found' },
      );
    const error = await refused;
    expect(error).toBeInstanceOf(ProblemError);
    expect(sentenceOf(error)).toBe('There is no firm.');
    const silent = api.call('readMe').catch((failure: unknown) => failure);
    http.expectOne('/api/f/quillfeather/me').error(new ProgressEvent('error'));
    expect(sentenceOf(await silent)).toContain('The server does not answer');
  });
});
