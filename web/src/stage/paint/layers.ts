import type { Box } from '../../api/types';
import { alpha, offscreen, PaintTarget } from './paintTarget';

const STEP = 8;
const step = (at: number) => Math.floor(at / STEP) * STEP;

/**
 * Pictures of their own at whole pixels, on which a group or a word is painted before it is laid on the frame as one.
 * They begin at multiples of eight pixels, because the dither of gradients follows the picture's own coordinates.
 */
export class Layers {
  private readonly free: OffscreenCanvasRenderingContext2D[] = [];

  /** A clean layer, given back by lay or give; null where none of the ink is inside the target. */
  take(target: PaintTarget, ink: Box, s: number): PaintTarget | null {
    const left = Math.max(target.left, step(ink.x * s - target.left - 2) + target.left);
    const top = Math.max(target.top, step(ink.y * s - target.top - 2) + target.top);
    const right = Math.min(target.left + target.width, Math.ceil((ink.x + ink.width) * s) + 2);
    const bottom = Math.min(target.top + target.height, Math.ceil((ink.y + ink.height) * s) + 2);
    return right <= left || bottom <= top ? null : this.clean(left, top, right - left, bottom - top);
  }

  /** A clean layer for all of the ink, also where it is not inside the target. */
  whole(target: PaintTarget, ink: Box, s: number): PaintTarget {
    const left = step(ink.x * s - target.left - 2) + target.left;
    const top = step(ink.y * s - target.top - 2) + target.top;
    const right = Math.ceil((ink.x + ink.width) * s) + 2;
    const bottom = Math.ceil((ink.y + ink.height) * s) + 2;
    return this.clean(left, top, right - left, bottom - top);
  }

  /** A clean layer about another. */
  around({ left, top, width, height }: PaintTarget, by: number): PaintTarget {
    return this.clean(left - by, top - by, width + 2 * by, height + 2 * by);
  }

  private clean(left: number, top: number, width: number, height: number): PaintTarget {
    const found = this.free.findIndex((c) => c.canvas.width >= width && c.canvas.height >= height);
    const canvas = found < 0 ? offscreen(width, height) : this.free.splice(found, 1)[0];
    canvas.save();
    canvas.beginPath();
    canvas.rect(0, 0, width, height);
    canvas.clip();
    canvas.clearRect(0, 0, width, height);
    return new PaintTarget(canvas, left, top, width, height);
  }

  /** Draws a layer on a target, whole pixels on whole pixels, and gives it back. */
  lay(target: PaintTarget, layer: PaintTarget, opacity: number) {
    this.copy(target, layer, opacity);
    this.give(layer);
  }

  /** Draws a layer on a target, whole pixels on whole pixels. */
  copy(
    target: PaintTarget,
    layer: PaintTarget,
    opacity: number,
    how: GlobalCompositeOperation = 'source-over',
  ) {
    const { canvas } = target;
    const { left, top, width, height } = layer;
    target.rest();
    canvas.globalAlpha = alpha(opacity);
    canvas.globalCompositeOperation = how;
    canvas.drawImage(
      layer.canvas.canvas,
      0,
      0,
      width,
      height,
      left - target.left,
      top - target.top,
      width,
      height,
    );
    canvas.globalCompositeOperation = 'source-over';
    canvas.globalAlpha = 1;
  }

  give(layer: PaintTarget) {
    layer.canvas.restore();
    this.free.unshift(layer.canvas as OffscreenCanvasRenderingContext2D);
  }
}
