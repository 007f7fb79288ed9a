import type { Mark, Part, Scene } from '../../api/types';
import { inside, NOTHING, type GroupTransforms } from './groupTransforms';
import { GlyphsPainter } from './glyphsPainter';
import { GroupPainter } from './groupPainter';
import { Layers } from './layers';
import { hidden, stateOf, type MarkState } from './markState';
import { PicturePainter } from './picturePainter';
import { PlatePainter } from './platePainter';
import { Shapes, wordsOf } from './shapes';
import { PaintTarget, type Canvas } from './paintTarget';
import { Timeline } from './timeline';

/**
 * Paints a scene at a scale. Each file of this folder has a twin of its name in the server's painter, with the same
 * steps in the same order and the same numbers. Shapes are cached for what is on the screen and what comes next.
 */
export class ScenePainter {
  private readonly layers = new Layers();
  private readonly shapes: Shapes;
  private readonly groups: GroupPainter;
  private readonly glyphs: GlyphsPainter;
  private readonly plates: PlatePainter;
  private readonly pictures: PicturePainter;
  private timeline: Timeline;
  private kept: Part[] = [];

  /** @param scale output pixels a design pixel */
  constructor(
    scene: Scene,
    readonly scale: number,
  ) {
    this.timeline = new Timeline(scene);
    this.shapes = new Shapes(scene, scale);
    this.groups = new GroupPainter(this.layers, scale);
    this.glyphs = new GlyphsPainter(this.shapes, this.layers, scale);
    this.plates = new PlatePainter(this.layers, scale);
    this.pictures = new PicturePainter(this.shapes, this.layers, scale);
  }

  /** Goes on with a newer scene; words that look as before keep their shapes. */
  show(scene: Scene) {
    this.timeline = new Timeline(scene);
    this.shapes.show(scene);
  }

  /** Draws over existing content; the canvas' origin is output pixel left, top of the frame. */
  paint(canvas: Canvas, t: number, left = 0, top = 0): void {
    const alive = this.timeline.alive(t);
    if (alive.length === 0) return;
    this.forgetBut(alive, t);
    const target = new PaintTarget(canvas, left, top, canvas.canvas.width, canvas.canvas.height);
    for (const part of alive) {
      for (const mark of part.marks as Mark[]) this.mark(target, mark, stateOf(mark, t), NOTHING);
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
    const next = this.timeline.next(t);
    const parts = [...this.timeline.alive(t), ...(next ? [next] : [])];
    return parts.flatMap((part) => wordsOf(part.marks as Mark[])).some((word) => this.glyphs.ahead(word));
  }

  private mark(target: PaintTarget, mark: Mark, state: MarkState, around: GroupTransforms) {
    if (hidden(state)) return;
    switch (mark.kind) {
      case 'group': {
        const within = inside(around, mark.pose, state);
        this.groups.paint(target, mark, state, around.way, (on) =>
          (mark.marks as Mark[]).forEach((child, i) => this.mark(on, child, state.children[i], within)),
        );
        break;
      }
      case 'glyphs':
        this.glyphs.paint(target, mark, state, around);
        break;
      case 'plate':
        this.plates.paint(target, mark, state, around.way);
        break;
      case 'picture':
        this.pictures.paint(target, mark, state, around.way);
    }
  }

  private forgetBut(alive: Part[], t: number) {
    if (alive.length === this.kept.length && alive.every((part, i) => part === this.kept[i])) return;
    this.kept = alive;
    this.groups.forget();
    const next = this.timeline.next(t);
    this.shapes.keep(next ? [...alive, next] : alive);
  }
}
