import { endpoints } from '@yellowwood/contracts';
import { Platform, mount } from '../platform/mount';
import { mondayOf } from '../time/routes';
import { decideEntries, returnPeriod } from './decide-entries';
import { readHistory } from './read-history';
import { readReview, readReviewPerson } from './read-review';
import { submitWeek, withdrawWeek } from './submit-week';

/** Submitting and reviewing. */
export function reviewRoutes(platform: Platform): void {
  mount(platform, endpoints.submitWeek, (context, { params, body }) => submitWeek(context, mondayOf(params.from), body.note));
  mount(platform, endpoints.withdrawWeek, (context, { params }) => withdrawWeek(context, mondayOf(params.from)));
  mount(platform, endpoints.readReview, (context, { query }) => readReview(context, mondayOf(query.from), query.scope));
  mount(platform, endpoints.readReviewPerson, (context, { params, query }) =>
    readReviewPerson(context, params.id, mondayOf(query.from), query.scope),
  );
  mount(platform, endpoints.approveEntries, (context, { body }) => decideEntries(context, 'approve', body.entries, null));
  mount(platform, endpoints.returnEntries, (context, { body }) => decideEntries(context, 'return', body.entries, body.reason));
  mount(platform, endpoints.returnPeriod, (context, { params, body }) =>
    returnPeriod(context, params.id, mondayOf(body.from), body.reason),
  );
  mount(platform, endpoints.reopenEntries, (context, { body }) => decideEntries(context, 'reopen', body.entries, body.reason));
  mount(platform, endpoints.readHistory, (context, { params }) => readHistory(context, params.id));
}
