import '../../../testing/encoders';
import { PictureTooLarge, requireModest } from './picture';

/** The head of a PNG of this size; its pixels would be a few kilobytes of nothing. */
function png(width: number, height: number): Blob {
  const bytes = Buffer.alloc(64);
  bytes.write('89504e470d0a1a0a0000000d49484452', 'hex');
  bytes.writeUInt32BE(width, 16);
  bytes.writeUInt32BE(height, 20);
  const blob = new Blob([bytes]);
  // jsdom reads a blob only through a FileReader.
  return Object.assign(blob, { arrayBuffer: async () => new Uint8Array(bytes).buffer });
}

test('a picture that would unfold to gigabytes is refused by its head, before anything opens it', async () => {
  for (const [width, height] of [
    [4000, 3000],
    [12_000, 9000],
    [1, 1],
  ] as const)
    await expect(requireModest(png(width, height))).resolves.toBeUndefined();
  for (const [width, height] of [
    [60_000, 60_000],
    [2_000_000_000, 1],
    [4_294_967_295, 4_294_967_295],
  ] as const)
    await expect(requireModest(png(width, height))).rejects.toBeInstanceOf(PictureTooLarge);
  const text = Object.assign(new Blob(['no picture']), {
    arrayBuffer: async () => new TextEncoder().encode('no picture at all, only words').buffer,
  });
  await expect(requireModest(text)).rejects.toThrow();
});
