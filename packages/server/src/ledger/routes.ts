import { endpoints } from '@yellowwood/contracts';
import { Platform, mount } from '../platform/mount';
import { changeProject, readProject } from './change-project';
import { changeProjectState } from './change-project-state';
import { moveTask } from './move-task';
import { removeClient, removeProject } from './remove-work';

/** What moves recorded time and its prices. */
export function ledgerRoutes(platform: Platform): void {
  mount(platform, endpoints.readProject, (context, { params }) => readProject(context, params.id));
  mount(platform, endpoints.changeProject, (context, { params, body, version }) =>
    changeProject(context, params.id, body, version),
  );
  mount(platform, endpoints.changeProjectState, (context, { params, body, version }) =>
    changeProjectState(context, params.id, body, version),
  );
  mount(platform, endpoints.removeProject, (context, { params, version }) => removeProject(context, params.id, version));
  mount(platform, endpoints.removeClient, (context, { params, version }) => removeClient(context, params.id, version));
  mount(platform, endpoints.moveTask, (context, { params, body, version }) => moveTask(context, params.id, body, version));
}
