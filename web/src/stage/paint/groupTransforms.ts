import type { Pose } from '../../api/types';
import { joined, NONE, wayOf, type Affine } from './affine';
import { REST, type MarkState } from './markState';

/** The twin of core's GroupTransforms: the way of the groups around a mark, now and when nothing moves them. */
export interface GroupTransforms {
  way: Affine;
  atRest: Affine;
}

export const NOTHING: GroupTransforms = { way: NONE, atRest: NONE };

/** The transforms for the marks inside a group at this pose and state. */
export const inside = ({ way, atRest }: GroupTransforms, pose: Pose, state: MarkState): GroupTransforms => ({
  way: joined(way, wayOf(pose, state)),
  atRest: joined(atRest, wayOf(pose, REST)),
});

/** Whether the groups are shifted and nothing else. */
export const shifted = ({ way, atRest }: GroupTransforms) =>
  way.a === atRest.a && way.b === atRest.b && way.c === atRest.c && way.d === atRest.d;

/** The distance from its place at rest of something that is itself shifted by x, y. */
export const distance = ({ way, atRest }: GroupTransforms, x: number, y: number) => ({
  right: way.e - atRest.e + way.a * x + way.c * y,
  down: way.f - atRest.f + way.b * x + way.d * y,
});
