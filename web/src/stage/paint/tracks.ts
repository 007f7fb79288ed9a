import type { ColourTrack, NumberTrack } from '../../api/types';
import { mix } from './colours';
import { ease, type Easing } from './easing';

/** The twin of core's NumberTrack and ColourTrack. */
function segment(keys: { t: number }[], t: number): number {
  let i = 0;
  while (i + 1 < keys.length && keys[i + 1].t <= t) i++;
  return i;
}

export function valueAt(track: NumberTrack, t: number): number {
  const i = segment(track.keys, t);
  const a = track.keys[i];
  if (i + 1 === track.keys.length || t <= a.t) return a.value;
  const b = track.keys[i + 1];
  return a.value + (b.value - a.value) * ease(a.easing as Easing, (t - a.t) / (b.t - a.t));
}

export function colourAt(track: ColourTrack, t: number): string {
  const i = segment(track.keys, t);
  const a = track.keys[i];
  if (i + 1 === track.keys.length || t <= a.t) return a.colour;
  const b = track.keys[i + 1];
  return mix(a.colour, b.colour, ease(a.easing as Easing, (t - a.t) / (b.t - a.t)));
}
