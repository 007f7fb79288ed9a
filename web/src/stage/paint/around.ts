import type { Pose } from '../../api/types';
import { joined, NONE, wayOf, type Affine } from './affine';
import { REST, type MarkState } from './markState';

/** The twin of core's Around: the way of the groups around a mark, now and when nothing moves them. */
export interface Around {
  way: Affine;
  atRest: Affine;
}

export const NOTHING: Around = { way: NONE, atRest: NONE };

/** Around the marks of a group that stands here. */
export const inside = ({ way, atRest }: Around, pose: Pose, state: MarkState): Around => ({
  way: joined(way, wayOf(pose, state)),
  atRest: joined(atRest, wayOf(pose, REST)),
});

/** Whether the groups are shifted and nothing else. */
export const shifted = ({ way, atRest }: Around) =>
  way.a === atRest.a && way.b === atRest.b && way.c === atRest.c && way.d === atRest.d;

/** How far something stands from its place at rest that is itself shifted by x, y. */
export const distance = ({ way, atRest }: Around, x: number, y: number) => ({
  right: way.e - atRest.e + way.a * x + way.c * y,
  down: way.f - atRest.f + way.b * x + way.d * y,
});
