import type { Affine } from './affine';

export type Canvas = CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D;

/** Something to paint on: a window of whole pixels on the frame. */
export class PaintTarget {
  constructor(
    readonly canvas: Canvas,
    readonly left: number,
    readonly top: number,
    readonly width: number,
    readonly height: number,
  ) {}

  /** Makes design pixels that went a way the canvas' coordinates. @param s output pixels a design pixel */
  go(way: Affine, s: number) {
    this.canvas.setTransform(
      s * way.a,
      s * way.b,
      s * way.c,
      s * way.d,
      s * way.e - this.left,
      s * way.f - this.top,
    );
  }

  /** Makes output pixels of this window the canvas' coordinates. */
  rest() {
    this.canvas.setTransform(1, 0, 0, 1, 0, 0);
  }
}

/** A canvas that is painted by the processor: a graphics card smooths edges in its own way. */
export function offscreen(width: number, height: number): OffscreenCanvasRenderingContext2D {
  return new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true })!;
}

/** How pictures are drawn larger, smaller or turned. */
export function smooth(canvas: Canvas) {
  canvas.imageSmoothingEnabled = true;
  canvas.imageSmoothingQuality = 'low';
}

/** For pictures laid on others: one of 256 steps. */
export const alpha = (opacity: number) => Math.round(opacity * 255) / 255;
