import { Static, Type } from 'typebox';
import { Amount, Currency, Day, FirmAndId, Id, LARGEST, Reason, endpoint, nullable, strict } from '../../platform/fields';

/** An agreement as far as its limit goes. */
export const AgreedLimit = strict({
  agreementId: Id,
  validFrom: Day,
  currency: Currency,
  limit: nullable(Amount),
  used: Amount,
});
export type AgreedLimit = Static<typeof AgreedLimit>;

/** Agree another limit from a date on: a later agreement with the same terms otherwise. */
export const changeLimit = endpoint({
  summary: 'Agree another limit from a date on; the older agreement ends the day before',
  kind: 'create',
  method: 'POST',
  path: '/f/:firm/projects/:id/limits',
  permission: 'agreements.change',
  params: FirmAndId,
  body: strict({
    id: Id,
    validFrom: Day,
    limit: nullable(Type.Integer({ minimum: 0, maximum: LARGEST, description: 'minor units; null for none' })),
    reason: Reason,
  }),
  answer: AgreedLimit,
  problems: ['project-unknown', 'agreement-missing', 'agreement-begins-then'],
});
