import { endpoints } from '@yellowwood/contracts';
import { Platform, mount } from '../platform/mount';
import { changeFirm, readFirm } from './firm-facts';
import { changeLogo, readLogo } from './logo';
import { changeSignInRule, readSignInRule } from './sign-in-rule';
import { changeWords, readWords } from './words';

/** What a firm settles about itself. */
export function firmRoutes(platform: Platform): void {
  mount(platform, endpoints.readFirm, (context) => readFirm(context));

  mount(platform, endpoints.changeFirm, (context, { body, version }) => changeFirm(context, body, version));

  mount(platform, endpoints.changeLogo, (context, { body, version }) => changeLogo(context, body, version));

  mount(platform, endpoints.readLogo, (context, { params }) => readLogo(context, params.id));

  mount(platform, endpoints.readWords, (context) => readWords(context));

  mount(platform, endpoints.changeWords, (context, { body, version }) => changeWords(context, body, version));

  mount(platform, endpoints.readSignInRule, (context) => readSignInRule(context));

  mount(platform, endpoints.changeSignInRule, (context, { body, version }) => changeSignInRule(context, body, version));
}
