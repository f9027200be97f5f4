import { BodyOf, Endpoints, KnownShape } from '@yellowwood/contracts';
import {
  FirmFunction,
  FirstService,
  GIVEN_SERVICES,
  Place,
  RecordWay,
  Shape,
  Size,
  Trade,
  consequences,
  inOrderOfFunctions,
} from '@yellowwood/core';
import { v7 as newId } from 'uuid';
import { lockFirm } from '../generated/firm/firm-facts.queries';
import {
  addService,
  dropServices,
  servicesOfFirm,
  setFunctions,
  setShape,
  shapeOfFirm,
  waitingForReview,
} from '../generated/founding/shape.queries';
import { functionsOff, inColumns } from '../firm/functions';
import { holdRules } from '../ledger/locks';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';
import { takeTurn } from '../platform/turn';

async function shapeNow({ tx }: Context) {
  const [row] = await shapeOfFirm.run(undefined, tx);
  const { place, size, trade, off, review, ways, version, taxed } = row!;
  return {
    shape: { place: place as Place | null, size: size as Size | null, trade: trade as Trade | null } satisfies Shape,
    off: functionsOff({ off, review }),
    ways: ways as RecordWay[],
    ...{ version, taxed },
  };
}

/** What the firm says of itself, and what it uses. */
export async function readShape(context: Context): Promise<KnownShape> {
  const { taxed: _, ...known } = await shapeNow(context);
  const services = await servicesOfFirm.run(undefined, context.tx);
  const [waiting] = await waitingForReview.run(undefined, context.tx);
  return {
    id: context.firm.id,
    ...known,
    waiting: waiting!,
    services: services.map(({ code, name, used }) => ({ code, name, used })),
  };
}

/** As it was seen, held against everybody who records or decides. @throws the problem `version-stale` */
async function seenShape(context: Context, version: number) {
  await holdRules(context, 'exclusive');
  await lockFirm.run(undefined, context.tx);
  const before = await shapeNow(context);
  if (before.version !== version) throw problem('version-stale', {}, { current: await readShape(context) });
  return before;
}

/** Has those services that a trade begins with, in place of those that were given before and that nobody has used. */
async function replaceServices({ tx, firm }: Context, wanted: readonly FirstService[], taxed: boolean) {
  const there = await servicesOfFirm.run(undefined, tx);
  const meant = new Set(wanted.map(({ code, name }) => `${code} ${name}`));
  const dropped = there.filter(
    ({ code, name, used }) => !used && GIVEN_SERVICES.get(code)?.has(name) && !meant.has(`${code} ${name}`),
  );
  await dropServices.run({ ids: dropped.map(({ id }) => id) }, tx);
  const codes = new Set(there.filter((one) => !dropped.includes(one)).map(({ code }) => code));
  const added = wanted.filter(({ code }) => !codes.has(code));
  for (const service of added)
    await addService.run({ firm: firm.id, id: newId(), ...service, taxCategory: taxed ? 'S' : 'O' }, tx);
  const named = (list: readonly { name: string }[]) => list.map(({ name }) => name).join(', ');
  return { dropped: named(dropped), added: named(added) };
}

/**
 * Says where the firm's people work, how many they are and what they do, and has follow from it what follows; what is said
 * as before leaves everything as it is.
 * @throws the problems `version-stale`, `nothing-to-change`
 */
export async function changeShape(context: Context, wish: Shape, version: number): Promise<KnownShape> {
  const { tx, firm } = context;
  // So that no service that is about to go is taken up, and none gets a code twice.
  await takeTurn(context, 'work');
  const before = await seenShape(context, version);
  const { place, size, trade } = wish;
  const after = { place, size, trade };
  if (JSON.stringify(after) === JSON.stringify(before.shape)) throw problem('nothing-to-change');
  const follows = consequences(before.shape, after);
  const off = inOrderOfFunctions([...before.off.filter((one) => !follows.shown.includes(one)), ...follows.hidden]);
  const ways = follows.ways ?? before.ways;
  await setShape.run({ ...after, ways: [...ways], ...inColumns(off) }, tx);
  const replaced = follows.services && (await replaceServices(context, follows.services, before.taxed));
  const told = (shape: Shape, facts: { off: readonly string[]; ways: readonly string[] }) => ({
    ...shape,
    functionsOff: facts.off.join(', '),
    ways: facts.ways.join(', '),
  });
  await audit(context, 'firm changed', [
    {
      ...{ kind: 'firm', id: firm.id },
      before: { ...told(before.shape, before), ...(replaced?.dropped && { services: replaced.dropped }) },
      after: { ...told(after, { off, ways }), ...(replaced?.added && { services: replaced.added }) },
    },
  ]);
  return readShape(context);
}

/**
 * Has functions stand in sight or out of it, for everybody; what was done with them stays.
 * @throws the problems `version-stale`, `nothing-to-change`
 */
export async function changeFunctions(
  context: Context,
  wish: BodyOf<Endpoints['changeFunctions']>,
  version: number,
): Promise<KnownShape> {
  const { tx, firm } = context;
  const before = await seenShape(context, version);
  const off = inOrderOfFunctions(wish.off);
  if (off.join() === before.off.join()) throw problem('nothing-to-change');
  await setFunctions.run(inColumns(off), tx);
  const told = (list: readonly FirmFunction[]) => ({ functionsOff: list.join(', ') });
  await audit(context, 'firm changed', [{ kind: 'firm', id: firm.id, before: told(before.off), after: told(off) }]);
  return readShape(context);
}
