/** Pictures as the browser has them: read for their pixels, and taken by the simulated camera. */
import { type Photograph, photograph, someLighting, SPOT_RADIUS } from '#core/senses/camera';
import type { Picture, Spot } from '#core/senses/colour-reading';
import type { Drawing } from '#contract';

/** The longer side on which colours are read. */
const SIDE = 1200;
/** Of the longer side: what counts as one spot. */
const SPOT_SHARE = SPOT_RADIUS / 240;

export const radiusIn = ({ width, height }: Pick<Picture, 'width' | 'height'>): number =>
  Math.max(3, Math.round(Math.max(width, height) * SPOT_SHARE));

function canvasOf(width: number, height: number): { canvas: HTMLCanvasElement; context: CanvasRenderingContext2D } {
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  return { canvas, context: canvas.getContext('2d', { willReadFrequently: true })! };
}

/** @throws Error in words when it is no picture. */
export async function readPicture(blob: Blob): Promise<Picture> {
  const bitmap = await createImageBitmap(blob).catch(() => {
    throw new Error('This file cannot be read as a picture. Take a photo or choose a JPEG, PNG or WebP file.');
  });
  const scale = Math.min(1, SIDE / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [Math.round(bitmap.width * scale), Math.round(bitmap.height * scale)];
  const { context } = canvasOf(width, height);
  context.drawImage(bitmap, 0, 0, width, height);
  return { width, height, data: context.getImageData(0, 0, width, height).data };
}

export interface Taken {
  readonly picture: Blob;
  readonly on: Spot;
  readonly card: Spot;
}

/** Photographs a drawn tube in some light. */
export async function takeSimulated(drawing: Drawing): Promise<Taken> {
  const shot: Photograph = photograph(drawing, someLighting(Math.random), Math.random);
  const { canvas, context } = canvasOf(shot.width, shot.height);
  context.putImageData(new ImageData(new Uint8ClampedArray(shot.data), shot.width, shot.height), 0, 0);
  const picture = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
  return { picture: picture!, on: shot.solid ?? shot.liquid ?? shot.card, card: shot.card };
}
