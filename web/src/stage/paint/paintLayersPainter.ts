import type { Shadow, PaintLayer, Paint } from '../../api/types';
import { solid, stroke, styleOf } from './paints';
import type { Canvas } from './paintTarget';

/** How a kind of mark casts its shadow: a soft one, and the hard shape of one. */
export interface Casts {
  soft(cast: Shadow): void;
  silhouette(cast: Shadow): void;
}

/** Puts coats on a path, the undermost first. @param over the colour of fills in place of their own */
export function paintCoats(
  canvas: Canvas,
  path: Path2D,
  coats: PaintLayer[],
  over: string | null,
  casts: Casts,
) {
  for (const coat of coats) {
    switch (coat.kind) {
      case 'fill':
        canvas.fillStyle = styleOf(canvas, coat.paint as Paint, over, 1);
        canvas.fill(path);
        break;
      case 'outline':
        stroke(canvas, path, styleOf(canvas, coat.paint as Paint, null, 1), coat.width, coat.join);
        break;
      case 'cast':
        if (coat.sigma > 0) {
          casts.soft(coat);
          break;
        }
        canvas.save();
        canvas.translate(coat.dx, coat.dy);
        casts.silhouette(coat);
        canvas.restore();
    }
  }
}

/** The colour where one fill of one colour is all: then fading it is fading its colour. */
export function singleColour(coats: PaintLayer[], over: string | null): string | null {
  const [first] = coats;
  if (coats.length !== 1 || first.kind !== 'fill') return null;
  const paint = first.paint as Paint;
  return over ?? (paint.kind === 'solid' ? paint.colour : null);
}

export function fillSingle(canvas: Canvas, path: Path2D, colour: string, opacity: number) {
  canvas.fillStyle = solid(colour, opacity);
  canvas.fill(path);
}
