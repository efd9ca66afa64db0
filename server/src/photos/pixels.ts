/** What is left of a file that is sent as a photo: its pixels, upright, no larger than is of use, nothing hidden beside them. */
import { createHash } from 'node:crypto';
import sharp from 'sharp';
import { HttpProblem } from '../http/problem';
import type { Pixels } from './store';

// Only what cameras make is read, whatever a file calls itself.
sharp.block({ operation: ['VipsForeignLoad'] });
sharp.unblock({ operation: ['VipsForeignLoadJpeg', 'VipsForeignLoadPng', 'VipsForeignLoadWebp'] });

/** Of a file as it is sent. */
export const MOST_BYTES = 15 * 1024 * 1024;
const MOST_PIXELS = 60_000_000;
/** The longer side of a photo as it is kept, and of its small copy. */
const SIDE = 1600;
const SMALL = 240;
const SECONDS = 10;

const REFUSED = 'This is no photo that can be read here; send a JPEG, PNG or WebP from the camera or the gallery.';

const open = (bytes: Uint8Array) =>
  sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error', pages: 1 }).timeout({ seconds: SECONDS });

async function smallOf(pixels: Uint8Array): Promise<Buffer> {
  return open(pixels)
    .resize({ width: SMALL, height: SMALL, fit: 'inside', withoutEnlargement: true })
    .jpeg({ quality: 75 })
    .toBuffer();
}

export const hashOf = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');

/** @throws HttpProblem when it is no photo. */
export async function pixelsOf(bytes: Uint8Array): Promise<Pixels> {
  try {
    const { data, info } = await open(bytes)
      .rotate()
      .resize({ width: SIDE, height: SIDE, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .toColourspace('srgb')
      .jpeg({ quality: 85, chromaSubsampling: '4:4:4' })
      .toBuffer({ resolveWithObject: true });
    return { hash: hashOf(data), width: info.width, height: info.height, pixels: data, thumbnail: await smallOf(data) };
  } catch {
    throw new HttpProblem('bad-input', REFUSED);
  }
}

/** A photo that was kept elsewhere, with its small copy. Null when it is not just what is kept here: a JPEG of nothing but pixels. */
export async function keptElsewhere(pixels: Buffer): Promise<Pick<Pixels, 'pixels' | 'thumbnail'> | null> {
  try {
    const { format, exif, xmp, iptc } = await open(pixels).metadata();
    return format === 'jpeg' && !(exif ?? xmp ?? iptc) ? { pixels, thumbnail: await smallOf(pixels) } : null;
  } catch {
    return null;
  }
}
