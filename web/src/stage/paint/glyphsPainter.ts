import type { Shadow, PaintLayer, Glyphs } from '../../api/types';
import { boxOf, joined, scaleOf, undone, wayOf, type Affine } from './affine';
import { distance, shifted, type GroupTransforms } from './groupTransforms';
import { fillSingle, paintCoats, singleColour } from './paintLayersPainter';
import { grown, inkAt } from './inkBounds';
import type { Layers } from './layers';
import { keepsShape, REST, type MarkState } from './markState';
import { solid, stroke } from './paints';
import type { PlacedWord, Shapes, Sprite } from './shapes';
import { alpha, offscreen, smooth, PaintTarget, type Canvas } from './paintTarget';

/** The twins' blurs are the same from this many output pixels on; a smaller one is made larger and drawn smaller. */
const LEAST_SIGMA = 2;
/**
 * Wider blurs are made at half the size, repeatedly, and enlarged: the difference is invisible and the cost a
 * quarter.
 */
const WIDE_SIGMA = 4;
const FINEST = 8;
const MOST_ENLARGED = 1.3;
const MANY_COATS = 4;
const SWEPT = '~';

/** Paints a word: a copy of what it is at rest while it only moves or fades, else letter by letter. */
export class GlyphsPainter {
  constructor(
    private readonly shapes: Shapes,
    private readonly layers: Layers,
    private readonly scale: number,
  ) {}

  paint(target: PaintTarget, word: Glyphs, state: MarkState, around: GroupTransforms) {
    const s = this.scale;
    if (keepsShape(state) && shifted(around)) {
      const { right, down } = distance(around, state.x, state.y);
      copy(
        target,
        this.atRest(word, around.atRest),
        right * s - target.left,
        down * s - target.top,
        state.opacity,
      );
      return;
    }
    const way = joined(around.way, wayOf(word.pose, state));
    if (costly(word) && state.fill === null && scaleOf(way) <= MOST_ENLARGED) {
      this.turned(target, word, way, around.atRest, state.opacity);
      return;
    }
    const path = this.shapes.letters(word);
    const colour = singleColour(word.coats as PaintLayer[], state.fill);
    if (state.opacity >= 1) {
      target.go(way, s);
      this.coats(target.canvas, word, path, state.fill);
    } else if (colour !== null) {
      target.go(way, s);
      fillSingle(target.canvas, path, colour, state.opacity);
    } else {
      const layer = this.layers.take(target, inkAt(word, state, around.way), s);
      if (!layer) return;
      layer.go(way, s);
      this.coats(layer.canvas, word, path, state.fill);
      this.layers.lay(target, layer, state.opacity);
    }
  }

  /** The picture of a word that costs much, turned and scaled. */
  private turned(target: PaintTarget, word: Glyphs, way: Affine, atRest: Affine, opacity: number) {
    const sprite = this.atRest(word, atRest);
    target.go(joined(way, undone(restOf(word, atRest))), this.scale);
    target.canvas.globalAlpha = alpha(opacity);
    drawn(target.canvas, sprite, this.scale);
    target.canvas.globalAlpha = 1;
  }

  /** Makes one picture that the word will need; false when it has them all. */
  ahead({ word, atRest }: PlacedWord): boolean {
    if (this.shapes.has(word, spriteOf(atRest))) return false;
    const coats = word.coats as PaintLayer[];
    const soft = coats.findIndex(
      (coat, i) => coat.kind === 'cast' && coat.sigma > 0 && !this.shapes.has(word, String(i)),
    );
    if (soft >= 0) this.soft(word, this.shapes.letters(word), coats[soft] as Shadow);
    else this.atRest(word, atRest);
    return true;
  }

  /** Most words of most frames are still or only move. At rest nothing is resampled. */
  private atRest(word: Glyphs, atRest: Affine): Sprite {
    return this.shapes.sprite(word, spriteOf(atRest), () => {
      const s = this.scale;
      const way = restOf(word, atRest);
      const ink = grown(boxOf(way, word.ink), 3);
      const left = Math.floor(ink.x * s);
      const top = Math.floor(ink.y * s);
      const width = Math.ceil((ink.x + ink.width) * s) - left;
      const height = Math.ceil((ink.y + ink.height) * s) - top;
      const canvas = offscreen(width, height);
      new PaintTarget(canvas, left, top, width, height).go(way, s);
      this.coats(canvas, word, this.shapes.letters(word), null);
      return { image: canvas.canvas, left, top, finer: 1 };
    });
  }

  private coats(canvas: Canvas, word: Glyphs, path: Path2D, over: string | null) {
    paintCoats(canvas, path, word.coats as PaintLayer[], over, {
      soft: (cast) => {
        const sprite = this.soft(word, path, cast);
        drawn(canvas, sprite, this.scale * sprite.finer);
      },
      silhouette: (cast) => silhouette(canvas, path, cast, cast.colour),
    });
  }

  /** One silhouette of letters and outline, blurred once; two would be twice as dark. */
  private soft(word: Glyphs, path: Path2D, cast: Shadow): Sprite {
    const index = String((word.coats as PaintLayer[]).indexOf(cast as PaintLayer));
    return this.shapes.sprite(word, index, () => {
      let finer = 1;
      while (finer < FINEST && cast.sigma * this.scale * finer < LEAST_SIGMA) finer *= 2;
      while (cast.sigma * this.scale * finer >= WIDE_SIGMA) finer /= 2;
      const fine = this.scale * finer;
      const ink = grown(word.ink, 3 * cast.sigma + 2);
      const left = Math.floor(ink.x * fine);
      const top = Math.floor(ink.y * fine);
      const width = Math.ceil((ink.x + ink.width) * fine) - left;
      const height = Math.ceil((ink.y + ink.height) * fine) - top;
      const sharp = offscreen(width, height);
      sharp.setTransform(fine, 0, 0, fine, cast.dx * fine - left, cast.dy * fine - top);
      silhouette(sharp, path, cast, '#000000');
      const blurred = offscreen(width, height);
      // The canvas blurs a shadow by half its shadowBlur; the picture itself is drawn out of sight.
      blurred.shadowColor = solid(cast.colour, 1);
      blurred.shadowBlur = 2 * cast.sigma * fine;
      blurred.shadowOffsetX = 2 * width;
      blurred.drawImage(sharp.canvas, -2 * width, 0);
      return { image: blurred.canvas, left, top, finer };
    });
  }
}

const restOf = (word: Glyphs, atRest: Affine) => joined(atRest, wayOf(word.pose, REST));

/** Cache key of a word's picture at rest under these group transforms. */
const spriteOf = ({ a, b, e, f }: Affine) => `rest ${a} ${b} ${e} ${f}`;

/** @param fine pixels of the picture for one of the design */
function drawn(canvas: Canvas, { image, left, top }: Sprite, fine: number) {
  smooth(canvas);
  canvas.drawImage(image, left / fine, top / fine, image.width / fine, image.height / fine);
}

/** Whether painting it costs more than turning a picture of it. */
function costly(word: Glyphs): boolean {
  const { length } = word.coats;
  return length >= MANY_COATS || (length > 1 && word.glyphs.some((g) => g.glyph.startsWith(SWEPT)));
}

function copy(target: PaintTarget, sprite: Sprite, x: number, y: number, opacity: number) {
  const { canvas } = target;
  target.rest();
  canvas.globalAlpha = alpha(opacity);
  smooth(canvas);
  canvas.drawImage(sprite.image, sprite.left + x, sprite.top + y);
  canvas.globalAlpha = 1;
}

function silhouette(canvas: Canvas, path: Path2D, cast: Shadow, colour: string) {
  if (cast.grow > 0) stroke(canvas, path, solid(colour, 1), cast.grow, 'round');
  canvas.fillStyle = solid(colour, 1);
  canvas.fill(path);
}
