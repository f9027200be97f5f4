import { WEEKS, rightsOf } from '@yellowwood/core';
import { Context } from '../platform/context';
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
      dayMaximum: 0,
      weekMaximum: 0,
      gapTolerance: 0,
      lockedUntil: null,
      review: true,
      period: WEEKS,
    },
    actor: {
      accountId: null,
      personId: world.ids.owner,
      version: 1,
      name: '',
      zone: 'Europe/London',
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
