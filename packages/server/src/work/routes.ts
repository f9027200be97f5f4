import { endpoints } from '@yellowwood/contracts';
import { Platform, mount } from '../platform/mount';
import { createProject } from './create-project';
import { layDown } from './lay-down';
import { readWork } from './read-work';

/** The tree of work, and what is added to it. */
export function workRoutes(platform: Platform): void {
  mount(platform, endpoints.readWork, (context) => readWork(context));

  mount(platform, endpoints.layDown, (context, { body }) => layDown(context, body));
  mount(platform, endpoints.createProject, (context, { body }) => createProject(context, body));
}
