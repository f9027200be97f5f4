import { endpoints } from '@yellowwood/contracts';
import { Platform, mount } from '../platform/mount';
import { readWork } from './read-work';

/** The tree of work. */
export function workRoutes(platform: Platform): void {
  mount(platform, endpoints.readWork, (context) => readWork(context));
}
