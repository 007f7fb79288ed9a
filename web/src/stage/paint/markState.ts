import type { Mark, NumberTrack, Tracks } from '../../api/types';
import { colourAt, valueAt } from './tracks';

export type Property = NumberTrack['property'];

type Join = (value: number, next: number) => number;

const added: Join = (a, b) => a + b;
const multiplied: Join = (a, b) => a * b;

/** The twin of core's Property: its rest value, and what several tracks of it make together. */
const PROPERTIES: Record<Property, { rest: number; join: Join }> = {
  opacity: { rest: 1, join: multiplied },
  x: { rest: 0, join: added },
  y: { rest: 0, join: added },
  scale: { rest: 1, join: multiplied },
  rotation: { rest: 0, join: added },
  extent: { rest: 1, join: multiplied },
  insetLeft: { rest: 0, join: added },
  insetTop: { rest: 0, join: added },
  insetRight: { rest: 0, join: added },
  insetBottom: { rest: 0, join: added },
  blur: { rest: 0, join: added },
};

/** The twin of core's MarkState: a mark's animated values at one time, and those of its children. */
export interface MarkState extends Record<Property, number> {
  /** The colour that replaces the mark's own fill; null for its own. */
  fill: string | null;
  children: MarkState[];
}

const restNumbers = Object.fromEntries(
  Object.entries(PROPERTIES).map(([name, property]) => [name, property.rest]),
) as Record<Property, number>;

/** Of a mark that nothing moves. */
export const REST: MarkState = { ...restNumbers, fill: null, children: [] };

/** @param each what the group around it does to all its children, at eachT */
export function stateOf(mark: Mark, t: number, each?: Tracks, eachT = 0): MarkState {
  const state: MarkState = { ...restNumbers, fill: null, children: [] };
  speak(state, mark.tracks, t);
  if (each) speak(state, each, eachT);
  state.opacity = Math.min(1, Math.max(0, state.opacity));
  state.extent = Math.max(0, state.extent);
  state.blur = Math.max(0, state.blur);
  if (mark.kind === 'group') {
    const marks = mark.marks as Mark[];
    state.children = marks.map((child, i) => stateOf(child, t, mark.each, t - (mark.delays[i] ?? 0)));
  }
  return state;
}

function speak(state: MarkState, tracks: Tracks, t: number) {
  for (const track of tracks.numbers) {
    state[track.property] = PROPERTIES[track.property].join(state[track.property], valueAt(track, t));
  }
  for (const track of tracks.colours) state[track.property] = colourAt(track, t);
}

/** Nothing of it can be seen. */
export const hidden = (state: MarkState) => state.opacity <= 0 || state.scale === 0 || state.extent <= 0;

/** Whether the mark is painted as at rest except for opacity and position. */
export const keepsShape = (state: MarkState) =>
  state.scale === 1 && state.rotation === 0 && state.extent === 1 && state.fill === null;
