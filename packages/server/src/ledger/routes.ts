import { endpoints } from '@yellowwood/contracts';
import { Platform, mount } from '../platform/mount';
import { moveTask } from './move-task';

/** What moves recorded time and its prices. */
export function ledgerRoutes(platform: Platform): void {
  mount(platform, endpoints.moveTask, (context, { params, body, version }) => moveTask(context, params.id, body, version));
}
