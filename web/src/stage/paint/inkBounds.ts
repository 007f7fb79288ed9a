import type { Box, PaintLayer, Group, Mark } from '../../api/types';
import { boxOf, joined, scaleOf, wayOf, type Affine } from './affine';
import type { MarkState } from './markState';
import { MITER_LIMIT } from './paints';

/** The twin of core's InkBounds: where a mark's ink is in one state, never too small. */
const EDGE = 2;
const EMPTY: Box = { x: 0, y: 0, width: 0, height: 0 };

export const grown = (box: Box, by: number): Box => ({
  x: box.x - by,
  y: box.y - by,
  width: box.width + 2 * by,
  height: box.height + 2 * by,
});

function union(a: Box, b: Box): Box {
  const x = Math.min(a.x, b.x);
  const y = Math.min(a.y, b.y);
  return {
    x,
    y,
    width: Math.max(a.x + a.width, b.x + b.width) - x,
    height: Math.max(a.y + a.height, b.y + b.height) - y,
  };
}

/** @param around the way of the groups around it */
export function inkAt(mark: Mark, state: MarkState, around: Affine): Box {
  const way = joined(around, wayOf(mark.pose, state));
  if (mark.kind !== 'group') return grown(boxOf(way, leaf(mark)), EDGE);
  const sharp = sharpInk(mark, state, way);
  return sharp === EMPTY ? sharp : grown(sharp, 3 * state.blur * scaleOf(way));
}

/** Of a group before it is blurred. @param way its own and of the groups around it */
export function sharpInk(group: Group, state: MarkState, way: Affine): Box {
  const boxes = (group.marks as Mark[]).map((child, i) => inkAt(child, state.children[i], way));
  return boxes.length === 0 ? EMPTY : boxes.reduce(union);
}

function leaf(mark: Exclude<Mark, { kind: 'group' }>): Box {
  if (mark.kind !== 'plate') return mark.ink;
  const box = { x: mark.x, y: mark.y, width: mark.width, height: mark.height };
  return (mark.coats as PaintLayer[]).map((coat) => around(coat, box)).reduce(union, box);
}

function around(coat: PaintLayer, bare: Box): Box {
  switch (coat.kind) {
    case 'fill':
      return bare;
    case 'outline':
      return grown(bare, coat.join === 'miter' ? MITER_LIMIT * coat.width : coat.width);
    case 'cast':
      return grown({ ...bare, x: bare.x + coat.dx, y: bare.y + coat.dy }, coat.grow + 3 * coat.sigma);
  }
}
