import { Context, reachOf } from '../../platform/context';

export function who(context: Context) {
  return { reach: reachOf(context, 'invoices.read'), asker: context.actor.personId };
}
