import type { CueScene, GlyphRun, Mark, Plate, Scene } from '../api/types';
import { channels, cueAfter, cueAt, stateOf, type MarkState } from './timeline';

type Canvas = CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D;

interface Sprite {
  image: OffscreenCanvas;
  left: number;
  top: number;
}

interface SoftShadow {
  image: OffscreenCanvas;
  left: number;
  top: number;
  width: number;
  height: number;
}

/**
 * Paints a scene at a scale. The twin of the server's Painter: every step here stands there in the same order with the
 * same numbers. Shapes are cached for the cue on the screen and the one after it.
 */
export class Painter {
  private readonly glyphs = new Map<string, Path2D>();
  private readonly runs = new Map<string, Path2D>();
  private readonly shadows = new Map<string, SoftShadow>();
  private readonly sprites = new Map<string, Sprite>();
  private cached: CueScene | null = null;
  private layer: OffscreenCanvas | null = null;

  /** @param scale output pixels a design pixel */
  constructor(
    private scene: Scene,
    readonly scale: number,
  ) {}

  /** Goes on with a newer scene; words that look as before keep their shapes. */
  show(scene: Scene) {
    this.scene = scene;
  }

  /** Draws over what is there; the canvas' origin stands for output pixel left, top of the frame. */
  paint(canvas: Canvas, t: number, left = 0, top = 0): void {
    const cue = cueAt(this.scene, t);
    if (!cue) return;
    this.forgetBut(cue);
    for (const mark of cue.marks as Mark[]) {
      const state = stateOf(mark, t);
      if (state.opacity <= 0 || state.scale === 0 || state.extent <= 0) continue;
      this.place(canvas, mark, state, left, top);
      if (mark.kind === 'run') this.run(canvas, mark, state, left, top);
      else this.plate(canvas, mark, state);
    }
    canvas.setTransform(1, 0, 0, 1, 0, 0);
  }

  /**
   * Makes one shape that will be needed soon: a blurred shadow takes longer than a frame may, so each is made between
   * frames before its cue begins.
   *
   * @returns whether more can be made
   */
  ahead(t: number): boolean {
    const now = cueAt(this.scene, t);
    const next = cueAfter(this.scene, t);
    for (const cue of [now, next]) {
      for (const mark of (cue?.marks ?? []) as Mark[]) {
        if (mark.kind !== 'run' || this.sprites.has(shapeOf(mark))) continue;
        if (mark.paint.shadow && mark.paint.shadow.sigma > 0 && !this.shadows.has(shapeOf(mark))) {
          this.softShadow(mark, this.runPath(mark));
        } else {
          this.sprite(mark);
        }
        return true;
      }
    }
    return false;
  }

  private forgetBut(cue: CueScene) {
    if (cue === this.cached) return;
    this.cached = cue;
    const next = cueAfter(this.scene, cue.startMs);
    const kept = new Set(([...cue.marks, ...(next?.marks ?? [])] as Mark[]).map(shapeOf));
    for (const shapes of [this.runs, this.shadows, this.sprites]) {
      for (const shape of shapes.keys()) if (!kept.has(shape)) shapes.delete(shape);
    }
  }

  private place(canvas: Canvas, mark: Mark, state: MarkState, left: number, top: number) {
    const turn = (state.rotation / 180) * Math.PI;
    const a = Math.cos(turn) * state.scale;
    const b = Math.sin(turn) * state.scale;
    const e = mark.pivotX + state.x - a * mark.pivotX + b * mark.pivotY;
    const f = mark.pivotY + state.y - b * mark.pivotX - a * mark.pivotY;
    const s = this.scale;
    canvas.setTransform(s * a, s * b, s * -b, s * a, s * e - left, s * f - top);
  }

  private plate(canvas: Canvas, plate: Plate, state: MarkState) {
    const width = plate.width * state.extent;
    canvas.fillStyle = colour(state.fill, state.opacity);
    canvas.fill(roundedBox(plate.x, plate.y, width, plate.height, Math.min(plate.radius, width / 2)));
  }

  private run(canvas: Canvas, run: GlyphRun, state: MarkState, left: number, top: number) {
    if (unchangedInShape(run, state)) {
      const sprite = this.sprite(run);
      canvas.setTransform(1, 0, 0, 1, 0, 0);
      canvas.globalAlpha = Math.round(state.opacity * 255) / 255;
      canvas.imageSmoothingEnabled = true;
      canvas.imageSmoothingQuality = 'low';
      canvas.drawImage(
        sprite.image,
        sprite.left - left + state.x * this.scale,
        sprite.top - top + state.y * this.scale,
      );
      canvas.globalAlpha = 1;
      return;
    }
    this.draw(canvas, run, state, left, top);
  }

  /** A word at rest, painted once: most words of most frames stand still or only move. At rest nothing is resampled. */
  private sprite(run: GlyphRun): Sprite {
    const known = this.sprites.get(shapeOf(run));
    if (known) return known;
    const rest = stateOf({ ...run, tracks: [] }, 0);
    const turn = (run.tilt / 180) * Math.PI;
    const reach = Math.abs(Math.sin(turn)) * Math.max(run.ink.width, run.ink.height) + 3;
    const s = this.scale;
    const left = Math.floor((run.ink.x - reach) * s);
    const top = Math.floor((run.ink.y - reach) * s);
    const width = Math.ceil((run.ink.x + run.ink.width + reach) * s) - left;
    const height = Math.ceil((run.ink.y + run.ink.height + reach) * s) - top;
    const image = new OffscreenCanvas(width, height);
    const canvas = image.getContext('2d')!;
    this.place(canvas, run, rest, left, top);
    this.draw(canvas, run, rest, left, top);
    const sprite = { image, left, top };
    this.sprites.set(shapeOf(run), sprite);
    return sprite;
  }

  private draw(canvas: Canvas, run: GlyphRun, state: MarkState, left: number, top: number) {
    const path = this.runPath(run);
    if (!run.paint.shadow && run.paint.outline <= 0) {
      canvas.fillStyle = colour(state.fill, state.opacity);
      canvas.fill(path);
      return;
    }
    if (state.opacity < 1) {
      const [x, y, width, height] = this.reach(run, state, left, top);
      const layer = this.cleanLayer(canvas.canvas.width, canvas.canvas.height, x, y, width, height);
      this.place(layer, run, state, left, top);
      this.body(layer, run, state, path);
      canvas.setTransform(1, 0, 0, 1, 0, 0);
      canvas.globalAlpha = Math.round(state.opacity * 255) / 255;
      canvas.drawImage(layer.canvas, x, y, width, height, x, y, width, height);
      canvas.globalAlpha = 1;
    } else {
      this.body(canvas, run, state, path);
    }
  }

  /** Whole output pixels that the run's ink can cover in this state: more rather than less, inside the canvas' sides. */
  private reach(
    run: GlyphRun,
    state: MarkState,
    left: number,
    top: number,
  ): [number, number, number, number] {
    const s = this.scale;
    const corners = [run.ink.x - run.pivotX, run.ink.x + run.ink.width - run.pivotX].flatMap((dx) =>
      [run.ink.y - run.pivotY, run.ink.y + run.ink.height - run.pivotY].map((dy) => Math.hypot(dx, dy)),
    );
    const radius = state.rotation === 0 ? 0 : Math.max(...corners) * state.scale;
    const half = (low: number, high: number, pivot: number) =>
      radius || Math.max(Math.abs(low - pivot), Math.abs(high - pivot)) * state.scale;
    const halfWidth = half(run.ink.x, run.ink.x + run.ink.width, run.pivotX) + 4;
    const halfHeight = half(run.ink.y, run.ink.y + run.ink.height, run.pivotY) + 4;
    const x = Math.max(0, Math.floor((run.pivotX + state.x - halfWidth) * s - left));
    const y = Math.max(0, Math.floor((run.pivotY + state.y - halfHeight) * s - top));
    const right = Math.ceil((run.pivotX + state.x + halfWidth) * s - left);
    const bottom = Math.ceil((run.pivotY + state.y + halfHeight) * s - top);
    return [x, y, Math.max(1, right - x), Math.max(1, bottom - y)];
  }

  private cleanLayer(width: number, height: number, x: number, y: number, w: number, h: number) {
    if (!this.layer || this.layer.width !== width || this.layer.height !== height) {
      this.layer = new OffscreenCanvas(width, height);
    }
    const layer = this.layer.getContext('2d')!;
    layer.setTransform(1, 0, 0, 1, 0, 0);
    layer.clearRect(x, y, w, h);
    return layer;
  }

  private body(canvas: Canvas, run: GlyphRun, state: MarkState, path: Path2D) {
    this.shadow(canvas, run, path);
    if (run.paint.outline > 0) {
      stroke(canvas, path, run.paint.outlineColour, run.paint.outline);
    }
    canvas.fillStyle = colour(state.fill, 1);
    canvas.fill(path);
  }

  private shadow(canvas: Canvas, run: GlyphRun, path: Path2D) {
    const cast = run.paint.shadow;
    if (!cast) return;
    if (cast.sigma <= 0) {
      canvas.save();
      canvas.translate(cast.dx, cast.dy);
      silhouette(canvas, path, run.paint.outline, cast.colour);
      canvas.restore();
      return;
    }
    const soft = this.softShadow(run, path);
    canvas.imageSmoothingEnabled = true;
    canvas.imageSmoothingQuality = 'low';
    canvas.drawImage(soft.image, soft.left, soft.top, soft.width, soft.height);
  }

  private softShadow(run: GlyphRun, path: Path2D): SoftShadow {
    const known = this.shadows.get(shapeOf(run));
    if (known) return known;
    const cast = run.paint.shadow!;
    const s = this.scale;
    const grow = 3 * cast.sigma + 2;
    const left = Math.floor((run.ink.x - grow) * s);
    const top = Math.floor((run.ink.y - grow) * s);
    const width = Math.ceil((run.ink.x + run.ink.width + grow) * s) - left;
    const height = Math.ceil((run.ink.y + run.ink.height + grow) * s) - top;
    const sharp = new OffscreenCanvas(width, height);
    const sharpCanvas = sharp.getContext('2d')!;
    sharpCanvas.setTransform(s, 0, 0, s, cast.dx * s - left, cast.dy * s - top);
    silhouette(sharpCanvas, path, run.paint.outline, '#000000');
    const image = new OffscreenCanvas(width, height);
    const canvas = image.getContext('2d')!;
    // The canvas blurs a shadow by half its shadowBlur; the picture itself is drawn out of sight.
    canvas.shadowColor = colour(cast.colour, 1);
    canvas.shadowBlur = 2 * cast.sigma * s;
    canvas.shadowOffsetX = 2 * width;
    canvas.drawImage(sharp, -2 * width, 0);
    const soft = { image, left: left / s, top: top / s, width: width / s, height: height / s };
    this.shadows.set(shapeOf(run), soft);
    return soft;
  }

  private runPath(run: GlyphRun): Path2D {
    const known = this.runs.get(shapeOf(run));
    if (known) return known;
    const path = new Path2D();
    const s = run.size / 1000;
    for (const placed of run.glyphs) {
      let glyph = this.glyphs.get(placed.glyph);
      if (!glyph) {
        glyph = new Path2D(this.scene.glyphs[placed.glyph]);
        this.glyphs.set(placed.glyph, glyph);
      }
      path.addPath(glyph, new DOMMatrix([s, 0, 0, s, run.x + placed.x * s, run.y + placed.y * s]));
    }
    this.runs.set(shapeOf(run), path);
    return path;
  }
}

const shapes = new WeakMap<Mark, string>();

/** What a mark looks like at rest, as a key: equal shapes are painted once, whichever version of the scene they are of. */
function shapeOf(mark: Mark): string {
  const known = shapes.get(mark);
  if (known) return known;
  const shape =
    mark.kind === 'run'
      ? JSON.stringify([
          mark.x,
          mark.y,
          mark.size,
          mark.pivotX,
          mark.pivotY,
          mark.tilt,
          mark.glyphs,
          mark.paint,
        ])
      : '';
  shapes.set(mark, shape);
  return shape;
}

/** Length of a cubic's arm for a quarter circle of radius 1: 4 (√2 − 1) / 3. */
const CIRCLE = 0.5522847498307936;

/** Corners as cubic curves, the same calls as in the twin: each rasteriser has its own idea of a rounded box. */
function roundedBox(x: number, y: number, width: number, height: number, radius: number): Path2D {
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

/** Whether the word is as it is at rest, however faint and wherever it has moved. */
function unchangedInShape(run: GlyphRun, state: MarkState): boolean {
  return (
    state.scale === 1 && state.rotation === run.tilt && state.extent === 1 && state.fill === run.paint.fill
  );
}

function silhouette(canvas: Canvas, path: Path2D, outline: number, fill: string) {
  if (outline > 0) stroke(canvas, path, fill, outline);
  canvas.fillStyle = colour(fill, 1);
  canvas.fill(path);
}

function stroke(canvas: Canvas, path: Path2D, written: string, outline: number) {
  canvas.strokeStyle = colour(written, 1);
  canvas.lineWidth = 2 * outline;
  canvas.lineJoin = 'round';
  canvas.lineCap = 'butt';
  canvas.stroke(path);
}

/** Alpha times opacity, rounded to one of 256 steps. */
function colour(written: string, opacity: number): string {
  const [r, g, b, a] = channels(written);
  return `rgb(${r} ${g} ${b} / ${Math.round(a * opacity) / 255})`;
}
