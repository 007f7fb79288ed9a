import type { Box, Group } from '../../api/types';
import { joined, scaleOf, wayOf, type Affine } from './affine';
import { inkAt } from './inkBounds';
import type { Layers } from './layers';
import type { MarkState } from './markState';
import type { Target } from './target';

/** Sharp, and the blurs between which every other one is mixed, sigma in output pixels: below 2 the twins differ. */
const BLURS = [0, 2, 6, 12, 24, 48];

/** Farther than any ink, design pixels. */
const FAR = 20_000;

/** Paints a group: straight on the target where it only moves, else on a layer that is clipped, blurred and faded. */
export class GroupPainter {
  constructor(
    private readonly layers: Layers,
    private readonly scale: number,
  ) {}

  /** @param marks paints the group's marks on a target */
  paint(target: Target, group: Group, state: MarkState, around: Affine, marks: (on: Target) => void) {
    const clip = clipOf(group, state);
    if (state.opacity >= 1 && !clip && state.blur <= 0) {
      marks(target);
      return;
    }
    let layer = this.layers.take(target, inkAt(group, state, around), this.scale);
    if (!layer) return;
    const way = joined(around, wayOf(group.pose, state));
    marks(layer);
    if (clip) this.clip(layer, clip, state, way);
    if (state.blur > 0) layer = this.blurred(layer, state.blur * scaleOf(way) * this.scale);
    this.layers.lay(target, layer, state.opacity);
  }

  /** Takes away what lies outside the insets, with smooth edges however the group is turned. */
  private clip(target: Target, clip: Box, state: MarkState, way: Affine) {
    const left = clip.x + clip.width * state.insetLeft;
    const top = clip.y + clip.height * state.insetTop;
    const right = clip.x + clip.width - clip.width * state.insetRight;
    const bottom = clip.y + clip.height - clip.height * state.insetBottom;
    const [r, b] = [clip.x + clip.width, clip.y + clip.height];
    target.go(way, this.scale);
    if (state.insetLeft > 0) takeAway(target, left - FAR, clip.y - FAR, left, b + FAR);
    if (state.insetTop > 0) takeAway(target, clip.x - FAR, top - FAR, r + FAR, top);
    if (state.insetRight > 0) takeAway(target, right, clip.y - FAR, right + FAR, b + FAR);
    if (state.insetBottom > 0) takeAway(target, clip.x - FAR, bottom, r + FAR, bottom + FAR);
  }

  /** The two blurs beside the one that is wanted, mixed: a blur of its own for every frame would cost five times that. */
  private blurred(sharp: Target, sigma: number): Target {
    let upper = 1;
    while (upper + 1 < BLURS.length && BLURS[upper] < sigma) upper++;
    const share = Math.min(1, (sigma - BLURS[upper - 1]) / (BLURS[upper] - BLURS[upper - 1]));
    const mixed = this.layers.like(sharp);
    this.add(mixed, sharp, BLURS[upper - 1], 1 - share);
    this.add(mixed, sharp, BLURS[upper], share);
    this.layers.give(sharp);
    return mixed;
  }

  private add(mixed: Target, sharp: Target, sigma: number, share: number) {
    const soft = this.layers.like(sharp);
    const { canvas, width, height } = soft;
    if (sigma > 0) canvas.filter = `blur(${sigma}px)`;
    canvas.drawImage(sharp.canvas.canvas, 0, 0, width, height, 0, 0, width, height);
    canvas.filter = 'none';
    this.layers.lay(mixed, soft, share, 'lighter');
  }
}

function clipOf(group: Group, state: MarkState): Box | null {
  const insets = state.insetLeft > 0 || state.insetTop > 0 || state.insetRight > 0 || state.insetBottom > 0;
  return group.clip && insets ? group.clip : null;
}

function takeAway({ canvas }: Target, left: number, top: number, right: number, bottom: number) {
  const path = new Path2D();
  path.moveTo(left, top);
  path.lineTo(right, top);
  path.lineTo(right, bottom);
  path.lineTo(left, bottom);
  path.closePath();
  canvas.globalCompositeOperation = 'destination-out';
  canvas.fillStyle = '#000000';
  canvas.fill(path);
  canvas.globalCompositeOperation = 'source-over';
}
