import { Static, Type } from 'typebox';
import { Currency, FirmAndId, FirmPath, Id, Version, endpoint, strict } from '../platform/fields';
import { WorkName } from './create-project';

/** What somebody says of a client; it stands on documents from the next one on, and none of it moves a price. */
export const ClientFacts = strict({
  name: WorkName,
  address: Type.Array(Type.String({ maxLength: 100 }), { maxItems: 6 }),
  country: Type.String({ pattern: '^[A-Z]{2}$', description: 'ISO 3166' }),
  email: Type.String({ maxLength: 200, pattern: '^([^\\s@]+@[^\\s@]+)?$' }),
  taxId: Type.String({ maxLength: 40 }),
  paymentDays: Type.Integer({ minimum: 0, maximum: 365 }),
  /** Whether it is out of sight, with all its projects: it is offered no more, and nothing of it goes. */
  archived: Type.Boolean(),
});
export type ClientFacts = Static<typeof ClientFacts>;

export const KnownClient = strict({ id: Id, currency: Currency, facts: ClientFacts, version: Version });
export type KnownClient = Static<typeof KnownClient>;

/** A client with what was said of it. */
export const readClient = endpoint({
  summary: 'A client with what was said of it',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/clients/:id',
  permission: 'work.change',
  params: FirmAndId,
  answer: KnownClient,
  problems: ['scope-unknown'],
});

/** Change what is said of a client. */
export const changeClient = endpoint({
  summary: 'Change what is said of a client',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/clients/:id',
  permission: 'work.change',
  params: FirmAndId,
  body: ClientFacts,
  answer: KnownClient,
  problems: ['scope-unknown', 'client-exists', 'client-under-way', 'nothing-to-change'],
});

/** Make a client, in the firm's currency and country. */
export const createClient = endpoint({
  summary: "Make a client, in the firm's currency and country",
  kind: 'create',
  method: 'POST',
  path: '/f/:firm/clients',
  permission: 'work.change',
  params: FirmPath,
  body: strict({ id: Id, name: WorkName }),
  answer: KnownClient,
  problems: ['client-exists'],
});

/** Take a client away that nothing refers to. */
export const removeClient = endpoint({
  summary: 'Take a client away that nothing refers to',
  kind: 'change',
  method: 'DELETE',
  path: '/f/:firm/clients/:id',
  permission: 'work.change',
  params: FirmAndId,
  problems: ['scope-unknown', 'client-used'],
});
