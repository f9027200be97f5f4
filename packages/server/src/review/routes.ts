import { Approved, Decided, endpoints } from '@yellowwood/contracts';
import { Platform, mount } from '../platform/mount';
import { periodFrom } from '../time/period';
import { decideEntries } from './decide-entries';
import { readReview } from './read-review';
import { readReviewPerson } from './read-review-person';
import { returnPeriod } from './return-period';
import { submitPeriod } from './submit-period';
import { withdrawPeriod } from './withdraw-period';

/** Submitting and reviewing. */
export function reviewRoutes(platform: Platform): void {
  mount(platform, endpoints.submitPeriod, (context, { params, query, body }) =>
    submitPeriod(context, periodFrom(context, params.from), query.person, body.note),
  );
  mount(platform, endpoints.withdrawPeriod, (context, { params, query }) =>
    withdrawPeriod(context, periodFrom(context, params.from), query.person),
  );
  mount(platform, endpoints.readReview, (context, { query }) =>
    readReview(context, periodFrom(context, query.from), query.scope),
  );
  mount(platform, endpoints.readReviewPerson, (context, { params, query }) =>
    readReviewPerson(context, params.id, periodFrom(context, query.from), query.scope),
  );
  mount(platform, endpoints.approveEntries, (context, { body }) => decideEntries(context, 'approve', body.entries, null));
  mount(platform, endpoints.recallApproval, (context, { body }) => counted(decideEntries(context, 'recall', body.entries, null)));
  mount(platform, endpoints.returnEntries, (context, { body }) =>
    counted(decideEntries(context, 'return', body.entries, body.reason)),
  );
  mount(platform, endpoints.returnPeriod, (context, { params, body }) =>
    returnPeriod(context, params.id, periodFrom(context, body.from), body.reason),
  );
  mount(platform, endpoints.reopenEntries, (context, { body }) =>
    counted(decideEntries(context, 'reopen', body.entries, body.reason)),
  );
}

async function counted(deciding: Promise<Approved>): Promise<Decided> {
  const { decided, seconds } = await deciding;
  return { decided, seconds };
}
