import type { Paint } from '../../api/types';
import { channels } from './colours';
import type { Canvas } from './paintTarget';

/** Alpha times opacity, rounded to one of 256 steps. */
export function solid(written: string, opacity: number): string {
  const [r, g, b, a] = channels(written);
  return `rgb(${r} ${g} ${b} / ${Math.round(a * opacity) / 255})`;
}

/** The canvas' style for the scene's paint. @param over a colour in its place */
export function styleOf(canvas: Canvas, paint: Paint, over: string | null, opacity: number) {
  if (over !== null) return solid(over, opacity);
  if (paint.kind === 'solid') return solid(paint.colour, opacity);
  const gradient =
    paint.kind === 'linear'
      ? canvas.createLinearGradient(paint.fromX, paint.fromY, paint.toX, paint.toY)
      : canvas.createRadialGradient(paint.x, paint.y, 0, paint.x, paint.y, paint.radius);
  for (const stop of paint.stops) gradient.addColorStop(stop.at, solid(stop.colour, 1));
  return gradient;
}

/** The twin of PaintLayer.MITER_LIMIT: a corner that would reach farther than this many widths is cut. */
export const MITER_LIMIT = 4;

/** Half of a stroke is inside the shape. */
export function stroke(
  canvas: Canvas,
  path: Path2D,
  style: string | CanvasGradient,
  width: number,
  join: CanvasLineJoin,
) {
  canvas.strokeStyle = style;
  canvas.lineWidth = 2 * width;
  canvas.lineJoin = join;
  canvas.miterLimit = MITER_LIMIT;
  canvas.lineCap = 'butt';
  canvas.stroke(path);
}
