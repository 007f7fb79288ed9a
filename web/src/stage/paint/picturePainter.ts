import { bitmapOf } from '../../api/bitmaps';
import type { Picture, Pixels } from '../../api/types';
import { joined, wayOf, type Affine } from './affine';
import { inkAt } from './inkBounds';
import type { Layers } from './layers';
import type { MarkState } from './markState';
import { solid } from './paints';
import type { Shapes } from './shapes';
import { smooth, type Canvas, type PaintTarget } from './paintTarget';

/** Paints a picture's layers, the undermost first. */
export class PicturePainter {
  constructor(
    private readonly shapes: Shapes,
    private readonly layers: Layers,
    private readonly scale: number,
  ) {}

  paint(target: PaintTarget, picture: Picture, state: MarkState, around: Affine) {
    const s = picture.size / 1000;
    const own = { a: s, b: 0, c: 0, d: s, e: picture.x, f: picture.y };
    const way = joined(joined(around, wayOf(picture.pose, state)), own);
    if (state.opacity >= 1) {
      this.draw(target, picture, way);
      return;
    }
    const layer = this.layers.take(target, inkAt(picture, state, around), this.scale);
    if (!layer) return;
    this.draw(layer, picture, way);
    this.layers.lay(target, layer, state.opacity);
  }

  private draw(target: PaintTarget, picture: Picture, way: Affine) {
    target.go(way, this.scale);
    for (const layer of this.shapes.picture(picture.picture)) {
      if (layer.pixels?.length) {
        pixels(target.canvas, fitting(layer.pixels, picture.size * this.scale));
        continue;
      }
      target.canvas.fillStyle = solid(layer.fill, 1);
      target.canvas.fill(this.shapes.layer(layer), layer.evenOdd ? 'evenodd' : 'nonzero');
    }
  }
}

function pixels(canvas: Canvas, of: Pixels) {
  const edge = 1000 / of.side;
  smooth(canvas);
  canvas.drawImage(bitmapOf(of), -edge, -edge, 1000 + 2 * edge, 1000 + 2 * edge);
}

/** @param side output pixels it is drawn at @returns of the sizes the smallest that is no smaller, else the largest */
function fitting(sizes: Pixels[], side: number): Pixels {
  return sizes.reduce((fitting, one) => (one.side >= side ? one : fitting), sizes[0]);
}
