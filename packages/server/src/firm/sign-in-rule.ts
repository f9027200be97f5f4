import { KnownSignInRule, SignInRule } from '@yellowwood/contracts';
import { rightsHeld, seesMoney } from '@yellowwood/core';
import { lockFirm } from '../generated/firm/firm-facts.queries';
import { peopleWithAccount, setSignInRule, signInRule } from '../generated/firm/sign-in-rule.queries';
import { audit } from '../platform/audit';
import { Context, heldOf } from '../platform/context';
import { problem } from '../platform/problem';

/** What the firm asks of its people when they sign in, and whom it meets. */
export async function readSignInRule({ tx, firm }: Context): Promise<KnownSignInRule> {
  const [row] = await signInRule.run(undefined, tx);
  const { version, ...rule } = row!;
  const people = await peopleWithAccount.run({ firm: firm.id }, tx);
  return {
    id: firm.id,
    rule,
    version,
    people: people.filter((one) => seesMoney(rightsHeld(heldOf(one)))).map(({ id, name, factor }) => ({ id, name, factor })),
  };
}

/**
 * Changes what the firm asks of its people when they sign in. Whoever asks it of others has it.
 * @throws the problems `version-stale`, `nothing-to-change`, `own-factor-first`
 */
export async function changeSignInRule(context: Context, wish: SignInRule, version: number): Promise<KnownSignInRule> {
  const { tx, firm, actor } = context;
  await lockFirm.run(undefined, tx);
  const before = await readSignInRule(context);
  if (before.version !== version) throw problem('version-stale', {}, { current: before });
  if (before.rule.factorForMoney === wish.factorForMoney) throw problem('nothing-to-change');
  const own = before.people.find(({ id }) => id === actor.personId);
  if (wish.factorForMoney && own && !own.factor) throw problem('own-factor-first');
  await setSignInRule.run(wish, tx);
  await audit(context, 'firm changed', [{ kind: 'firm', id: firm.id, before: before.rule, after: wish }]);
  return readSignInRule(context);
}
