import type { Pixels, Scene } from './types';

const decoded = new Map<string, OffscreenCanvas>();

/** Decodes the bitmaps of a scene. Await it before painting the scene, because painting is synchronous. */
export async function withBitmaps(scene: Scene): Promise<Scene> {
  const all = Object.values(scene.pictures).flatMap((layers) =>
    layers.flatMap((layer) => layer.pixels ?? []),
  );
  await Promise.all(all.filter(({ png }) => !decoded.has(png)).map(decode));
  return scene;
}

/** Adds a transparent pixel all around, so that its edges are smooth at every rotation. */
async function decode({ side, png }: Pixels) {
  const bytes = Uint8Array.from(atob(png), (letter) => letter.charCodeAt(0));
  const image = await createImageBitmap(new Blob([bytes], { type: 'image/png' }), {
    colorSpaceConversion: 'none',
  });
  const canvas = new OffscreenCanvas(side + 2, side + 2);
  canvas.getContext('2d', { willReadFrequently: true })!.drawImage(image, 1, 1);
  image.close();
  decoded.set(png, canvas);
}

export const bitmapOf = ({ png }: Pixels): OffscreenCanvas => decoded.get(png)!;
