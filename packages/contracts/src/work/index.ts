export * from './add-tasks';
export * from './change-task';
export * from './create-project';
export * from './lay-down';
export * from './list-tasks';
export * from './outline-task';
export * from './read-work';
export * from './remove-task';
