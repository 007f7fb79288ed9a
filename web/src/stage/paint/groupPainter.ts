import type { Box, Group } from '../../api/types';
import { joined, scaleOf, wayOf, type Affine } from './affine';
import { Blurs } from './blurs';
import { inkAt, sharpInk } from './inkBounds';
import type { Layers } from './layers';
import type { MarkState } from './markState';
import type { PaintTarget } from './paintTarget';

/** Farther than any ink, design pixels. */
const FAR = 20_000;

/** Paints a group: straight on the target where it only moves, else on a layer that is clipped, blurred and faded. */
export class GroupPainter {
  private readonly blurs = new Map<Group, Blurs>();

  constructor(
    private readonly layers: Layers,
    private readonly scale: number,
  ) {}

  /** @param marks paints the group's marks on a target */
  paint(
    target: PaintTarget,
    group: Group,
    state: MarkState,
    around: Affine,
    marks: (on: PaintTarget) => void,
  ) {
    const clip = clipOf(group, state);
    if (state.opacity >= 1 && !clip && state.blur <= 0) {
      marks(target);
      return;
    }
    const layer = this.layers.take(target, inkAt(group, state, around), this.scale);
    if (!layer) return;
    const way = joined(around, wayOf(group.pose, state));
    const sharp = (on: PaintTarget) => {
      marks(on);
      if (clip) this.clip(on, clip, state, way);
      return on;
    };
    if (state.blur > 0) {
      const { insetLeft, insetTop, insetRight, insetBottom, children } = state;
      this.blursOf(group).paint(
        layer,
        state.blur * scaleOf(way) * this.scale,
        JSON.stringify([way, insetLeft, insetTop, insetRight, insetBottom, children]),
        () => sharp(this.layers.whole(target, sharpInk(group, state, way), this.scale)),
      );
    } else sharp(layer);
    this.layers.lay(target, layer, state.opacity);
  }

  private blursOf(group: Group): Blurs {
    let blurs = this.blurs.get(group);
    if (!blurs) {
      blurs = new Blurs(this.layers);
      this.blurs.set(group, blurs);
    }
    return blurs;
  }

  /** Gives back what was kept: other groups are on the screen. */
  forget() {
    for (const blurs of this.blurs.values()) blurs.close();
    this.blurs.clear();
  }

  /** Removes everything outside the insets, with smooth edges at any rotation of the group. */
  private clip(target: PaintTarget, clip: Box, state: MarkState, way: Affine) {
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
}

function clipOf(group: Group, state: MarkState): Box | null {
  const insets = state.insetLeft > 0 || state.insetTop > 0 || state.insetRight > 0 || state.insetBottom > 0;
  return group.clip && insets ? group.clip : null;
}

function takeAway({ canvas }: PaintTarget, left: number, top: number, right: number, bottom: number) {
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
