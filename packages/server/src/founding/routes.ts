import { endpoints } from '@yellowwood/contracts';
import { Configuration } from '../platform/configuration';
import { Platform, mount } from '../platform/mount';
import { openTo } from '../platform/open';
import { problem } from '../platform/problem';
import { noteFailure, refuseTooMany } from '../people/sign-in-throttle';
import { foundFirm } from './found-firm';
import { changeGuide, readGuide } from './guide';
import { changeFunctions, changeShape, readShape } from './shape';

/** Founding firms, what they say of themselves, and the first steps in them. */
export function foundingRoutes(platform: Platform, configuration: Configuration): void {
  const { database, clock } = platform;
  openTo(platform, endpoints.foundFirm, async (request, _response, body) => {
    const { accountId } = request.session;
    if (!accountId) throw problem('not-signed-in');
    const attempt = { to: 'found', email: accountId, address: '', known: false, now: clock.now() } as const;
    await refuseTooMany(database, attempt, configuration.signInTries);
    const founded = await foundFirm(database, clock, body, accountId, request.requestId);
    await noteFailure(database, attempt, configuration.signInTries);
    return founded;
  });

  mount(platform, endpoints.readShape, (context) => readShape(context));

  mount(platform, endpoints.changeShape, (context, { body, version }) => changeShape(context, body, version));

  mount(platform, endpoints.changeFunctions, (context, { body, version }) => changeFunctions(context, body, version));

  mount(platform, endpoints.readGuide, (context) => readGuide(context));

  mount(platform, endpoints.changeGuide, (context, { body }) => changeGuide(context, body));
}
