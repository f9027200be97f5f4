import { Id, nullable } from '../platform/fields';

/** What is worked on; everything may still be open while the entry is only recorded. */
export const target = {
  projectId: nullable(Id),
  taskId: nullable(Id),
  serviceId: nullable(Id),
};
