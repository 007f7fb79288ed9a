import type { CueScene, Mark, PropertyTrack, Scene } from '../api/types';

/** The twin of core's PropertyTrack, Easing and MarkState: the same steps, so the same doubles. */
export interface MarkState {
  opacity: number;
  x: number;
  y: number;
  scale: number;
  rotation: number;
  extent: number;
  fill: string;
}

type Easing = 'hold' | 'linear' | [number, number, number, number];

export function ease(easing: Easing, x: number): number {
  if (easing === 'hold') return x >= 1 ? 1 : 0;
  if (easing === 'linear') return Math.min(1, Math.max(0, x));
  if (x <= 0 || x >= 1) return x <= 0 ? 0 : 1;
  let low = 0;
  let high = 1;
  for (let i = 0; i < 40; i++) {
    const mid = (low + high) / 2;
    if (curve(easing[0], easing[2], mid) < x) low = mid;
    else high = mid;
  }
  return curve(easing[1], easing[3], (low + high) / 2);
}

function curve(a: number, b: number, t: number): number {
  const u = 1 - t;
  return 3 * u * u * t * a + 3 * u * t * t * b + t * t * t;
}

export function channels(colour: string): [number, number, number, number] {
  const n = (from: number) => parseInt(colour.slice(from, from + 2), 16);
  return [n(1), n(3), n(5), colour.length === 9 ? n(7) : 255];
}

const hex = (n: number) => n.toString(16).padStart(2, '0');

export function mix(from: string, to: string, at: number): string {
  const a = channels(from);
  const b = channels(to);
  return '#' + a.map((v, i) => hex(Math.min(255, Math.max(0, Math.round(v + (b[i] - v) * at))))).join('');
}

function segment(track: PropertyTrack, t: number): number {
  let i = 0;
  while (i + 1 < track.keys.length && track.keys[i + 1].t <= t) i++;
  return i;
}

export function valueAt(track: PropertyTrack, t: number): number {
  const i = segment(track, t);
  const a = track.keys[i];
  if (i + 1 === track.keys.length || t <= a.t) return a.value;
  const b = track.keys[i + 1];
  return a.value + (b.value - a.value) * ease(a.easing as Easing, (t - a.t) / (b.t - a.t));
}

export function colourAt(track: PropertyTrack, t: number): string {
  const i = segment(track, t);
  const a = track.keys[i];
  if (i + 1 === track.keys.length || t <= a.t) return a.colour!;
  const b = track.keys[i + 1];
  return mix(a.colour!, b.colour!, ease(a.easing as Easing, (t - a.t) / (b.t - a.t)));
}

export function stateOf(mark: Mark, t: number): MarkState {
  const state: MarkState = {
    opacity: 1,
    x: 0,
    y: 0,
    scale: 1,
    rotation: mark.kind === 'run' ? mark.tilt : 0,
    extent: 1,
    fill: mark.kind === 'run' ? mark.paint.fill : mark.fill,
  };
  for (const track of mark.tracks) {
    switch (track.property) {
      case 'opacity':
        state.opacity *= valueAt(track, t);
        break;
      case 'x':
        state.x += valueAt(track, t);
        break;
      case 'y':
        state.y += valueAt(track, t);
        break;
      case 'scale':
        state.scale *= valueAt(track, t);
        break;
      case 'rotation':
        state.rotation += valueAt(track, t);
        break;
      case 'extent':
        state.extent *= valueAt(track, t);
        break;
      case 'fill':
        state.fill = colourAt(track, t);
    }
  }
  state.opacity = Math.min(1, Math.max(0, state.opacity));
  return state;
}

export function cueAt(scene: Scene, t: number): CueScene | null {
  let low = 0;
  let high = scene.cues.length - 1;
  while (low <= high) {
    const mid = (low + high) >>> 1;
    const cue = scene.cues[mid];
    if (t < cue.startMs) high = mid - 1;
    else if (t >= cue.endMs) low = mid + 1;
    else return cue;
  }
  return null;
}

/** The first cue that begins later than t. */
export function cueAfter(scene: Scene, t: number): CueScene | null {
  let low = 0;
  let high = scene.cues.length;
  while (low < high) {
    const mid = (low + high) >>> 1;
    if (scene.cues[mid].startMs > t) high = mid;
    else low = mid + 1;
  }
  return scene.cues[low] ?? null;
}
