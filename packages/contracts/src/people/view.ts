import { Static, Type } from 'typebox';
import { choice, nullable, strict } from '../platform/fields';

const ColumnName = Type.String({ minLength: 1, maxLength: 60 });

/** How a person has a table: which columns stand in it, by which it is sorted and grouped. */
export const View = strict({
  /** The optional columns that stand in it; null for those that stand in it unless somebody chooses. */
  columns: nullable(Type.Array(ColumnName, { maxItems: 60 })),
  sort: nullable(strict({ column: ColumnName, order: choice('up', 'down') })),
  group: nullable(ColumnName),
});
export type View = Static<typeof View>;
