import { AgreedLimit, BodyOf, Endpoints } from '@yellowwood/contracts';
import { agreementOn, projectWithMoney, usedOf } from '../../generated/billing/limits/change-limit.queries';
import { holdRules, lockProjects } from '../../ledger/locks';
import { goOn } from '../go-on';
import { audit } from '../../platform/audit';
import { Context, reachOf } from '../../platform/context';
import { problem } from '../../platform/problem';

/**
 * Agrees another limit from a date on: a later agreement with the same terms otherwise. What was billed
 * before counts, and the limit that holds on a document's date applies to earlier work too.
 */
export async function changeLimit(
  context: Context,
  project: string,
  { id, validFrom, limit, reason }: BodyOf<Endpoints['changeLimit']>,
): Promise<AgreedLimit> {
  const { tx, actor } = context;
  await holdRules(context, 'exclusive');
  await lockProjects(context, [project]);
  const who = { reach: reachOf(context, 'agreements.change'), asker: actor.personId };
  const [known] = await projectWithMoney.run({ ...who, project }, tx);
  if (!known) throw problem('project-unknown');
  const [agreement] = await agreementOn.run({ project, day: validFrom }, tx);
  if (!agreement) throw problem('agreement-missing');
  if (agreement.validFrom === validFrom) throw problem('agreement-begins-then');
  await goOn(context, validFrom, [{ id, of: agreement.id, limit, validTo: agreement.validTo }]);
  await audit(
    context,
    'limit changed',
    [
      {
        kind: 'project',
        id: project,
        before: { validFrom: agreement.validFrom },
        after: { validFrom },
        moneyBefore: { limit: agreement.limit, currency: agreement.currency },
        moneyAfter: { limit, currency: agreement.currency },
      },
    ],
    reason,
  );
  const [used] = await usedOf.run({ project, currency: agreement.currency }, tx);
  return { agreementId: id, validFrom, currency: agreement.currency, limit, used: used!.used };
}
