import { imageSize } from 'image-size';

/** A picture as it is read and as it is kept. */
export interface TakenPicture {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray;
  /** The same, smaller, as a JPEG in base64. */
  readonly jpeg: string;
  readonly address: string;
}

/** Longer side of what is read, and of what is kept, pixels. */
const READ = 480;
const KEPT = 320;
const QUALITY = 0.7;

function drawn(image: ImageBitmap, longest: number): HTMLCanvasElement {
  const by = Math.min(1, longest / Math.max(image.width, image.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(image.width * by));
  canvas.height = Math.max(1, Math.round(image.height * by));
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
  return canvas;
}

/** More than any phone's camera takes: a file of some kilobytes may unfold to gigabytes. */
const MOST_BYTES = 60_000_000;
const MOST_PIXELS = 120_000_000;

/** What no camera takes. */
export class PictureTooLarge extends Error {}

/** @throws PictureTooLarge; Error where the file's own head says that it is no picture */
export async function requireModest(file: Blob): Promise<void> {
  if (file.size > MOST_BYTES) throw new PictureTooLarge();
  const { width, height } = imageSize(new Uint8Array(await file.arrayBuffer()));
  if (!(width * height <= MOST_PIXELS)) throw new PictureTooLarge();
}

/**
 * Opens a file as a picture and makes it small: nothing of it leaves the page larger than it is kept.
 * @throws Error where the file is no picture
 */
export async function takePicture(file: Blob): Promise<TakenPicture> {
  await requireModest(file);
  const image = await createImageBitmap(file);
  try {
    const canvas = drawn(image, READ);
    const { width, height } = canvas;
    const { data } = canvas.getContext('2d')!.getImageData(0, 0, width, height);
    const address = drawn(image, KEPT).toDataURL('image/jpeg', QUALITY);
    return { width, height, data, address, jpeg: address.slice(address.indexOf(',') + 1) };
  } finally {
    image.close();
  }
}
