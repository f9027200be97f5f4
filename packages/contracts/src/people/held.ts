import { PERMISSIONS, REACHES, ROLES } from '@yellowwood/core';
import { Static, TOptional, TSchema, Type } from 'typebox';
import { Count, Id, Name, Version, choice, nullable, optional, strict } from '../platform/fields';

const ofEach = <T extends TSchema>(schema: T) =>
  strict(
    Object.fromEntries(PERMISSIONS.map((permission) => [permission, optional(schema)])) as Record<
      (typeof PERMISSIONS)[number],
      TOptional<T>
    >,
  );

export const Reach = choice(...REACHES);
export type Reach = Static<typeof Reach>;

export const Role = choice(...ROLES);
export type Role = Static<typeof Role>;

/** Rights, each with its reach. */
export const RightsField = ofEach(Reach);
export type RightsField = Static<typeof RightsField>;

/** The reach of single rights for one person, instead of what their roles give; null where they have it not at all. */
export const ExceptionsField = ofEach(nullable(Reach));

/** A role that is given: one that every firm has, or one of the firm's own by its id. */
export const GivenRole = Type.Union([Role, Id]);
export type GivenRole = Static<typeof GivenRole>;

/** The firm's own roles that are given, by their ids. */
export const OwnRoleIds = Type.Array(Id, { maxItems: 50, uniqueItems: true });

/** What a role of the firm's own is. */
export const OwnRoleFacts = strict({
  name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
  rights: RightsField,
});
export type OwnRoleFacts = Static<typeof OwnRoleFacts>;

export const OwnRole = strict({
  id: Id,
  name: Name,
  rights: RightsField,
  version: Version,
  /** How many people have it. */
  people: Count,
});
export type OwnRole = Static<typeof OwnRole>;
