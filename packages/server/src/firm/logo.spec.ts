import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import sharp from 'sharp';
import { v7 as newId } from 'uuid';
import { TURN, World, bill, makeWorld, record, submitAndApprove } from '../testing';
import { drawLogo } from './logo';

const svg = (inner: string, names = 'width="200" height="80"') =>
  Buffer.from(
    `<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" ${names}>${inner}</svg>`,
  );
const RED = '<rect width="200" height="80" fill="#c00000"/>';
const dots = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#00c000' } })
    .png()
    .toBuffer();

describe('a logo', () => {
  it('is drawn to PNG as large as it is printed, and no larger than it comes', async () => {
    const drawing = await drawLogo(svg(RED));
    expect([drawing.width, drawing.height]).toEqual([1200, 480]);
    expect((await sharp(drawing.png).metadata()).format).toBe('png');
    const { data } = await sharp(drawing.png)
      .extract({ left: 600, top: 240, width: 1, height: 1 })
      .raw()
      .toBuffer({ resolveWithObject: true });
    expect([...data.subarray(0, 3)]).toEqual([0xc0, 0, 0]);
    const picture = await drawLogo(await dots(40, 20));
    expect([picture.width, picture.height]).toEqual([40, 20]);
    const large = await drawLogo(await dots(3000, 600));
    expect([large.width, large.height]).toEqual([1200, 240]);
  });

  it('keeps nothing of a file but its dots, and loads nothing', async () => {
    const hidden = await sharp(await dots(20, 20))
      .withMetadata({ exif: { IFD0: { Copyright: 'hidden words' } } })
      .png()
      .toBuffer();
    expect(hidden.includes('hidden words')).toBeTrue();
    expect((await drawLogo(hidden)).png.includes('hidden words')).toBeFalse();
    const script = await drawLogo(svg(`<script>alert(1)</script>${RED}`));
    expect(script.png.includes('script')).toBeFalse();
    // A picture from a file of this machine is not drawn: empty it stays.
    const file = `${mkdtempSync(`${tmpdir()}/yellowwood-logo-`)}/secret.png`;
    writeFileSync(file, await dots(200, 80));
    const fetching = await drawLogo(svg(`<image xlink:href="file://${file}" width="200" height="80"/>`));
    const { channels } = await sharp(fetching.png).stats();
    expect(channels.every(({ max }) => max === 0)).toBeTrue();
  });

  it('is a PNG or SVG that can be drawn, of at most 200 kB', async () => {
    const code = (file: Buffer) =>
      drawLogo(file).then(
        () => 'drawn',
        (error: { code: string }) => error.code,
      );
    const jpeg = await sharp(await dots(20, 20))
      .jpeg()
      .toBuffer();
    const broken = (await dots(200, 200)).subarray(0, 60);
    const page = Buffer.from('<html><body>no picture</body></html>');
    const huge = svg(RED, 'width="90000" height="90000"');
    const heavy = Buffer.concat([svg(RED), Buffer.alloc(200_001, ' ')]);
    const bomb = Buffer.from(
      '<!DOCTYPE svg [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;&a;&a;"><!ENTITY c "&b;&b;&b;&b;&b;&b;&b;&b;&b;&b;">]><svg',
    );
    for (const file of [jpeg, broken, page, heavy, bomb]) expect(await code(file)).toBe('logo-unreadable');
    // What says that it is larger than all paper is drawn as small as the others, or not at all.
    const drawn = await drawLogo(huge).catch(() => null);
    expect(drawn === null || drawn.width <= 1200).toBeTrue();
  });

  describe('of a firm', () => {
    let world: World;
    beforeAll(async () => (world = await makeWorld()), TURN);
    afterAll(() => world.close());
    const owner = () => world.as('owner');
    const put = async (picture: string | null) => {
      const { version } = await owner().done('readFirm');
      return owner().call('changeLogo', { body: { picture }, version });
    };

    it('stands on documents from the next one on, with the firm’s texts; what is issued keeps its own', async () => {
      const before = await issued();
      expect(before.document.logo).toBeNull();
      expect((await put(null)).problem.code).toBe('nothing-to-change');
      const { body } = await put(svg(RED).toString('base64'));
      expect([body.logo!.width, body.logo!.height]).toEqual([1200, 480]);
      const { facts, version } = await owner().done('readFirm');
      const texts = { opening: 'Dear client,\nthank you.', closing: 'With kind regards' };
      await owner().done('changeFirm', { body: { ...facts, ...texts }, version });
      const after = await issued();
      expect(after.document).toEqual(jasmine.objectContaining({ ...texts, logo: body.logo }));
      const picture = await world.as('staff').call('readLogo', { params: { id: body.logo!.id } });
      expect(picture.status).toBe(200);
      const pdf = async (id: string) => {
        const { body: bytes } = await world.as('bookkeeper').call('readInvoicePdf', { params: { id } });
        const file = `${mkdtempSync(`${tmpdir()}/yellowwood-logo-`)}/invoice.pdf`;
        writeFileSync(file, bytes as unknown as Buffer);
        const text = execFileSync('pdftotext', ['-layout', file, '-']).toString();
        const words = ['thank you.', 'With kind regards'].filter((one) => text.includes(one));
        return [(bytes as unknown as Buffer).includes('/Subtype /Image'), words];
      };
      expect(await pdf(before.row.id)).toEqual([false, []]);
      expect(await pdf(after.row.id)).toEqual([true, ['thank you.', 'With kind regards']]);
      const credit = newId();
      await world.as('bookkeeper').done('creditInvoice', { params: { id: after.row.id }, body: { id: credit, reason: 'Twice' } });
      expect(await pdf(credit)).toEqual([true, []]);
      await put(null);
      expect((await owner().done('readFirm')).logo).toBeNull();
      // The document has it still.
      expect((await world.as('staff').call('readLogo', { params: { id: body.logo!.id } })).status).toBe(200);
      const { events } = await owner().done('readHistory', { params: { id: world.firmId } });
      expect(events.filter(({ action }) => action === 'logo changed').map(({ after }) => after)).toEqual([
        { logo: 'there' },
        { logo: 'none' },
      ]);
    });

    let week = 0;
    async function issued() {
      const monday = ['2026-05-25', '2026-06-01'][week++]!;
      const { id } = await record(world, 'staff', monday, 1);
      await submitAndApprove(world, 'staff', monday);
      return bill(world, [id]);
    }
  });
});
