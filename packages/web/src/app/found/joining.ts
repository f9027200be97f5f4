import { inject } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Joined } from '@yellowwood/contracts';
import { Api } from '../api/api';
import { toTheWork } from '../sign-in/to-the-work';
import { sessionActions, sessionFeature } from '../state/session';
import { command } from '../ui/command';

/** What joining a firm has, by whatever link: who is signed in, being somebody else, and going on to the own week. Use in an injection context. */
export function joining() {
  const [api, store, enter] = [inject(Api), inject(Store), toTheWork()];
  const joins = command();
  store.dispatch(sessionActions.read());
  return {
    account: store.selectSignal(sessionFeature.selectAccount),
    command: joins,
    async join(ask: () => Promise<Joined>): Promise<void> {
      const joined = await joins.run(ask);
      if (!joined) return;
      store.dispatch(sessionActions.known({ session: joined.session }));
      await enter(`/f/${joined.slug}/record`, { replaceUrl: true });
    },
    async signOut(): Promise<void> {
      const session = await joins.run(() => api.call('signOut'));
      if (session) store.dispatch(sessionActions.signedOut({ session }));
    },
  };
}
