import { Id, nullable, strict } from '../platform/fields';
import { Static, Type } from 'typebox';

export const SheetRow = strict({ projectId: Id, taskId: nullable(Id), serviceId: Id, billable: Type.Boolean() });
export type SheetRow = Static<typeof SheetRow>;
