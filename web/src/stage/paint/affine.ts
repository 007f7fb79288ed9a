import type { Box, Pose } from '../../api/types';
import type { MarkState } from './markState';

/** The twin of core's Affine: (x, y) becomes (a·x + c·y + e, b·x + d·y + f). */
export interface Affine {
  a: number;
  b: number;
  c: number;
  d: number;
  e: number;
  f: number;
}

export const NONE: Affine = { a: 1, b: 0, c: 0, d: 1, e: 0, f: 0 };

/** A mark's own way: scaled and turned about its pivot, then shifted. */
export function wayOf(pose: Pose, state: MarkState): Affine {
  const turn = ((pose.tilt + state.rotation) / 180) * Math.PI;
  const a = Math.cos(turn) * state.scale;
  const b = Math.sin(turn) * state.scale;
  const { pivotX: px, pivotY: py } = pose;
  return { a, b, c: -b, d: a, e: px + state.x - a * px + b * py, f: py + state.y - b * px - a * py };
}

/** First the inner one, then the outer. */
export function joined(outer: Affine, inner: Affine): Affine {
  return {
    a: outer.a * inner.a + outer.c * inner.b,
    b: outer.b * inner.a + outer.d * inner.b,
    c: outer.a * inner.c + outer.c * inner.d,
    d: outer.b * inner.c + outer.d * inner.d,
    e: outer.a * inner.e + outer.c * inner.f + outer.e,
    f: outer.b * inner.e + outer.d * inner.f + outer.f,
  };
}

/** The way back. */
export function undone({ a, b, c, d, e, f }: Affine): Affine {
  const det = a * d - b * c;
  return {
    a: d / det,
    b: -b / det,
    c: -c / det,
    d: a / det,
    e: (c * f - d * e) / det,
    f: (b * e - a * f) / det,
  };
}

/** How many times longer things become; the mean where that differs by direction. */
export const scaleOf = (way: Affine) => Math.sqrt(Math.abs(way.a * way.d - way.b * way.c));

/** The smallest upright box about a box that went this way. */
export function boxOf(way: Affine, box: Box): Box {
  const xs: number[] = [];
  const ys: number[] = [];
  for (const x of [box.x, box.x + box.width]) {
    for (const y of [box.y, box.y + box.height]) {
      xs.push(way.a * x + way.c * y + way.e);
      ys.push(way.b * x + way.d * y + way.f);
    }
  }
  const left = Math.min(...xs);
  const top = Math.min(...ys);
  return { x: left, y: top, width: Math.max(...xs) - left, height: Math.max(...ys) - top };
}
