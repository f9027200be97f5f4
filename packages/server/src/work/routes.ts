import { endpoints } from '@yellowwood/contracts';
import { Platform, mount } from '../platform/mount';
import { readOverview } from './read-overview';
import { readWork } from './read-work';

/** The tree of work and where its hours stand. */
export function workRoutes(platform: Platform): void {
  mount(platform, endpoints.readWork, (context) => readWork(context));
  mount(platform, endpoints.readOverview, (context, { query }) => readOverview(context, query.scope));
}
