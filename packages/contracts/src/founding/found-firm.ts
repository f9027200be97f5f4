import { Static, Type } from 'typebox';
import { Currency, Id, endpoint, strict } from '../platform/fields';

export const FirmName = Type.String({ minLength: 1, maxLength: 100, pattern: '\\S' });
export const Country = Type.String({ pattern: '^[A-Z]{2}$', description: 'ISO 3166-1' });

export const Founded = strict({ slug: Type.String() });
export type Founded = Static<typeof Founded>;

/** Found a firm of one's own, with what is needed to record and bill at once. The same id once more is the same firm. */
export const foundFirm = endpoint({
  summary: "Found a firm of one's own, with what is needed to record and bill at once. The same id once more is the same firm",
  kind: 'open',
  method: 'POST',
  path: '/firms',
  permission: null,
  body: strict({
    id: Id,
    name: FirmName,
    country: Country,
    currency: Currency,
    zone: Type.String({ minLength: 1, maxLength: 60, description: 'IANA' }),
    weekStart: Type.Integer({ minimum: 1, maximum: 7, description: 'from Monday as 1' }),
    /** Whether the usual tax of the country is charged. */
    taxed: Type.Boolean(),
  }),
  answer: Founded,
  problems: ['country-unknown', 'currency-unknown', 'zone-unknown', 'firm-exists', 'too-many-attempts'],
});
