import { LOGO_BYTES } from '@yellowwood/core';
import { Type } from 'typebox';
import { FirmAndId, FirmPath, endpoint, nullable, strict } from '../platform/fields';
import { KnownFirm } from './firm-facts';

/** Put a logo on the documents that are issued from now on, or take it off. */
export const changeLogo = endpoint({
  summary: 'Put a logo on the documents that are issued from now on, or take it off',
  kind: 'change',
  method: 'PUT',
  path: '/f/:firm/logo',
  permission: 'firm.change',
  params: FirmPath,
  body: strict({
    /** PNG or SVG of at most 200 kB; drawn to PNG. */
    picture: nullable(
      Type.String({ maxLength: 4 * Math.ceil(LOGO_BYTES / 3), pattern: '^[A-Za-z0-9+/]+={0,2}$', description: 'base64' }),
    ),
  }),
  answer: KnownFirm,
  problems: ['logo-unreadable', 'nothing-to-change'],
});

/** The picture of a logo. */
export const readLogo = endpoint({
  summary: 'The picture of a logo',
  kind: 'read',
  method: 'GET',
  path: '/f/:firm/logos/:id',
  permission: null,
  params: FirmAndId,
  answer: Type.Unsafe<{ bytes: Uint8Array; fileName: string }>({}),
  media: 'image/png',
  problems: ['logo-unknown'],
});
