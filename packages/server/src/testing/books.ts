import { rightsOf } from '@yellowwood/core';
import { AS_THE_FIRM, Context, UNSETTLED } from '../platform/context';
import { READ, Tx, transaction } from '../platform/database';
import { Difference } from '../results/books/books';
import { verifyBooks } from '../results/books/verify-books';
import type { World } from './world';

/** The context of somebody who sees everything, for use cases that tests call without a request. */
export function ownerContext(world: World, tx: Tx): Context {
  return {
    tx,
    firm: {
      id: world.firmId,
      slug: world.slug,
      name: '',
      currency: 'GBP',
      country: 'GB',
      zone: 'Europe/London',
      ...UNSETTLED,
    },
    actor: {
      accountId: null,
      personId: world.ids.owner,
      version: 1,
      name: '',
      zone: 'Europe/London',
      recording: AS_THE_FIRM,
      positionName: null,
      roles: ['owner'],
      ownRoles: [],
      rights: rightsOf(['owner']),
    },
    now: world.clock.now(),
    requestId: '',
    source: 'test',
  };
}

/** What the recomputation of the firm's books finds wrong. */
export function differencesOf(world: World): Promise<Difference[]> {
  return transaction(world.database, READ, async (tx) => {
    await tx.query("select set_config('app.firm_id', $1, true)", [world.firmId]);
    return verifyBooks(ownerContext(world, tx));
  });
}
