import type { Box, Glyphs, Mark, Part, PictureLayer, Scene } from '../../api/types';
import { joined, NONE, wayOf, type Affine } from './affine';
import { REST } from './markState';

/** A picture in output pixels at rest. */
export interface Sprite {
  image: OffscreenCanvas;
  left: number;
  top: number;
  /** How many times larger it is than it is drawn. */
  finer: number;
}

/**
 * Outlines of marks, and the pictures that are made of them once. Kept by what they look like: words that look as before
 * keep theirs, whichever version of the scene they are of.
 */
export class Shapes {
  private readonly glyphs = new Map<string, Path2D>();
  private readonly layers = new Map<string, Path2D>();
  private readonly words = new Map<string, Path2D>();
  private readonly sprites = new Map<string, Map<string, Sprite>>();

  constructor(
    private scene: Scene,
    readonly scale: number,
  ) {}

  show(scene: Scene) {
    this.scene = scene;
  }

  /** @param of names what of the word the picture is of */
  sprite(word: Glyphs, of: string, make: () => Sprite): Sprite {
    const sprites = this.of(word);
    let sprite = sprites.get(of);
    if (!sprite) {
      sprite = make();
      sprites.set(of, sprite);
    }
    return sprite;
  }

  has(word: Glyphs, of: string): boolean {
    return this.of(word).has(of);
  }

  private of(word: Glyphs): Map<string, Sprite> {
    let sprites = this.sprites.get(keyOf(word));
    if (!sprites) {
      sprites = new Map();
      this.sprites.set(keyOf(word), sprites);
    }
    return sprites;
  }

  /** All letters of a word as one path, design pixels. */
  letters(word: Glyphs): Path2D {
    const known = this.words.get(keyOf(word));
    if (known) return known;
    const path = new Path2D();
    const s = word.size / 1000;
    for (const placed of word.glyphs) {
      let glyph = this.glyphs.get(placed.glyph);
      if (!glyph) {
        glyph = new Path2D(this.scene.glyphs[placed.glyph]);
        this.glyphs.set(placed.glyph, glyph);
      }
      path.addPath(glyph, new DOMMatrix([s, 0, 0, s, word.x + placed.x * s, word.y + placed.y * s]));
    }
    this.words.set(keyOf(word), path);
    return path;
  }

  picture(name: string): PictureLayer[] {
    return this.scene.pictures[name];
  }

  /**
   * A picture's layer in 1/1000 of its width. The two rasterisers smooth a convex path in ways of their own; one more
   * point, without area, makes it none.
   */
  layer(layer: PictureLayer): Path2D {
    let path = this.layers.get(layer.path);
    if (!path) {
      path = new Path2D(layer.path + 'M500 500L500 500Z');
      this.layers.set(layer.path, path);
    }
    return path;
  }

  /** Forgets all that none of these parts needs. */
  keep(parts: Part[]) {
    const kept = new Set(
      parts.flatMap((part) => wordsOf(part.marks as Mark[])).map(({ word }) => keyOf(word)),
    );
    for (const shapes of [this.words, this.sprites]) {
      for (const key of shapes.keys()) if (!kept.has(key)) shapes.delete(key);
    }
  }
}

/** A word, and the way of the groups around it at rest. */
export interface PlacedWord {
  word: Glyphs;
  atRest: Affine;
}

export function wordsOf(marks: Mark[], atRest = NONE): PlacedWord[] {
  return marks.flatMap((mark) => {
    if (mark.kind === 'group') return wordsOf(mark.marks as Mark[], joined(atRest, wayOf(mark.pose, REST)));
    return mark.kind === 'glyphs' ? [{ word: mark, atRest }] : [];
  });
}

const keys = new WeakMap<Glyphs, string>();

function keyOf(word: Glyphs): string {
  let key = keys.get(word);
  if (!key) {
    key = JSON.stringify([word.x, word.y, word.size, word.pose, word.glyphs, word.coats]);
    keys.set(word, key);
  }
  return key;
}

/** Length of a cubic's arm for a quarter circle of radius 1: 4 (√2 − 1) / 3. */
const CIRCLE = 0.5522847498307936;

/** Corners as cubic curves, the same calls as in the twin: each rasteriser has its own idea of a rounded box. */
export function roundedBox({ x, y, width, height }: Box, radius: number): Path2D {
  const r = x + width;
  const b = y + height;
  const k = radius * (1 - CIRCLE);
  const path = new Path2D();
  path.moveTo(x + radius, y);
  path.lineTo(r - radius, y);
  path.bezierCurveTo(r - k, y, r, y + k, r, y + radius);
  path.lineTo(r, b - radius);
  path.bezierCurveTo(r, b - k, r - k, b, r - radius, b);
  path.lineTo(x + radius, b);
  path.bezierCurveTo(x + k, b, x, b - k, x, b - radius);
  path.lineTo(x, y + radius);
  path.bezierCurveTo(x, y + k, x + k, y, x + radius, y);
  path.closePath();
  return path;
}
