import { AnswerOf, BodyOf, Endpoints, KnownFirm } from '@yellowwood/contracts';
import { LOGO_BYTES } from '@yellowwood/core';
import sharp from 'sharp';
import { v7 as newId } from 'uuid';
import { lockFirm } from '../generated/firm/firm-facts.queries';
import { addLogo, logoById, setLogo } from '../generated/firm/logo.queries';
import { audit } from '../platform/audit';
import { Context } from '../platform/context';
import { problem } from '../platform/problem';
import { readFirm } from './firm-facts';

/** Twice what a document prints at 300 dots an inch, pixels. */
const WIDEST = 1200;
const HIGHEST = 600;
/** What may be unpacked at all: a small file can stand for a huge picture. */
const PIXELS = 16_000_000;

const PNG = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);

/**
 * Draws a picture anew, so that nothing of a file but its dots is kept: no script, no link, no hidden text.
 * @param file a PNG, or an SVG, which loads nothing from elsewhere
 * @throws the problem `logo-unreadable`
 */
export async function drawLogo(file: Buffer): Promise<{ png: Buffer; width: number; height: number }> {
  const vector = /<svg[\s>]/.test(file.subarray(0, 4096).toString('utf8'));
  const fits = file.length <= LOGO_BYTES && (vector || file.subarray(0, PNG.length).equals(PNG));
  if (!fits) throw problem('logo-unreadable');
  try {
    const options = { limitInputPixels: PIXELS, failOn: 'error' } as const;
    const { width, height } = await sharp(file, options).metadata();
    // A drawing has no dots of its own: it is drawn as large as it will be printed.
    const scale = vector ? Math.min(WIDEST / width, HIGHEST / height) : 1;
    const density = Math.min(2400, Math.max(1, 72 * scale));
    const { data, info } = await sharp(file, vector ? { ...options, density } : options)
      .resize({ width: WIDEST, height: HIGHEST, fit: 'inside', withoutEnlargement: true })
      .png({ compressionLevel: 9, palette: false })
      .toBuffer({ resolveWithObject: true });
    return { png: data, width: info.width, height: info.height };
  } catch {
    throw problem('logo-unreadable');
  }
}

/**
 * Puts a logo on the documents that are issued from now on, or takes it off; those that are issued keep theirs.
 * @throws the problems `version-stale`, `logo-unreadable`, `nothing-to-change`
 */
export async function changeLogo(
  context: Context,
  { picture }: BodyOf<Endpoints['changeLogo']>,
  version: number,
): Promise<KnownFirm> {
  const { tx, firm, now } = context;
  const drawn = picture === null ? null : await drawLogo(Buffer.from(picture, 'base64'));
  await lockFirm.run(undefined, tx);
  const before = await readFirm(context);
  if (before.version !== version) throw problem('version-stale', {}, { current: before });
  if (!drawn && !before.logo) throw problem('nothing-to-change');
  const id = drawn ? newId() : null;
  if (drawn) await addLogo.run({ firm: firm.id, id: id!, ...drawn, now }, tx);
  await setLogo.run({ logo: id }, tx);
  const told = (logo: unknown) => ({ logo: logo ? 'there' : 'none' });
  await audit(context, 'logo changed', [{ kind: 'firm', id: firm.id, before: told(before.logo), after: told(drawn) }]);
  return readFirm(context);
}

/** The picture of a logo, also of one that only documents have. @throws the problem `logo-unknown` */
export async function readLogo({ tx }: Context, id: string): Promise<AnswerOf<Endpoints['readLogo']>> {
  const [found] = await logoById.run({ id }, tx);
  if (!found) throw problem('logo-unknown');
  return { bytes: found.png, fileName: 'logo.png' };
}
