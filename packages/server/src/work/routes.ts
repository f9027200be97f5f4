import { endpoints } from '@yellowwood/contracts';
import { Platform, mount } from '../platform/mount';
import { changeClient, createClient, readClient } from './change-client';
import { createProject } from './create-project';
import { layDown } from './lay-down';
import { addTasks, changeTask, listTasks, removeTask } from './outline';
import { findWork } from './find-work';
import { idsOf, knownWork } from './known-work';
import { listWork } from './list-work';
import { createProjectState, listProjectStates, removeProjectState } from './project-states';
import { readWork } from './read-work';
import { changeWhoRecords, readWhoRecords } from './who-records';

/** The tree of work, and what is added to it. */
export function workRoutes(platform: Platform): void {
  mount(platform, endpoints.readWork, (context) => readWork(context));
  mount(platform, endpoints.listWork, (context, { query }) => listWork(context, query));
  mount(platform, endpoints.findWork, (context, { query }) => findWork(context, query));
  mount(platform, endpoints.readNames, (context, { query }) => knownWork(context, idsOf(query.of.split(','))));

  mount(platform, endpoints.layDown, (context, { body }) => layDown(context, body));
  mount(platform, endpoints.createProject, (context, { body }) => createProject(context, body));

  mount(platform, endpoints.listProjectStates, (context) => listProjectStates(context));
  mount(platform, endpoints.createProjectState, (context, { body }) => createProjectState(context, body));
  mount(platform, endpoints.removeProjectState, (context, { params, version }) =>
    removeProjectState(context, params.id, version),
  );

  mount(platform, endpoints.readClient, (context, { params }) => readClient(context, params.id));
  mount(platform, endpoints.createClient, (context, { body }) => createClient(context, body));
  mount(platform, endpoints.changeClient, (context, { params, body, version }) =>
    changeClient(context, params.id, body, version),
  );

  mount(platform, endpoints.readWhoRecords, (context, { params }) => readWhoRecords(context, params.id));
  mount(platform, endpoints.changeWhoRecords, (context, { params, body, version }) =>
    changeWhoRecords(context, params.id, body, version),
  );

  mount(platform, endpoints.listTasks, (context, { params }) => listTasks(context, params.id));
  mount(platform, endpoints.addTasks, (context, { params, body }) => addTasks(context, params.id, body));
  mount(platform, endpoints.changeTask, (context, { params, body, version }) => changeTask(context, params.id, body, version));
  mount(platform, endpoints.removeTask, (context, { params, body, version }) => removeTask(context, params.id, body, version));
}
