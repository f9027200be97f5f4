import { endpoints } from '@yellowwood/contracts';
import { Platform, mount } from '../platform/mount';
import { readBehind } from './read-behind';
import { readBars } from './read-bars';
import { readOverview } from './read-overview';
import { readResults } from './read-results';

/** Where every hour stands, results of the firm, clients, projects and tasks, and what stands behind each figure. */
export function resultsRoutes(platform: Platform): void {
  mount(platform, endpoints.readBars, (context, { query }) => readBars(context, query.of));
  mount(platform, endpoints.readOverview, (context, { query }) => readOverview(context, query.scope));
  mount(platform, endpoints.readResults, (context, { query }) => readResults(context, query.scope, query.from, query.to));
  mount(platform, endpoints.readBehind, (context, { query }) =>
    readBehind(context, query.figure, query.scope, query.from, query.to, query.cursor),
  );
}
