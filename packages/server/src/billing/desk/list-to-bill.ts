import { ToBillList } from '@yellowwood/contracts';
import { toBillProjects } from '../../generated/billing/desk/list-to-bill.queries';
import { Context } from '../../platform/context';
import { resolveScope, scopeParameters } from '../../work/scope';
import { who } from '../invoices/who-reads';

/** Projects with approved time to bill, the oldest first. */
export async function listToBill(context: Context, scopeText: string | undefined, upTo: string): Promise<ToBillList> {
  const scope = await resolveScope(context, scopeText);
  return { upTo, projects: await toBillProjects.run({ ...who(context), upTo, ...scopeParameters(scope) }, context.tx) };
}
