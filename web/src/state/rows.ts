import type { Cue, Headline, Track, Unscripted } from '../api/types';

/** The rows of the score, in order of time. */
export type Row =
  | { key: string; cue: Cue; index: number }
  | { key: string; piece: Unscripted }
  | { key: string; headline: Headline }
  | { key: string; rest: true; fromMs: number; toMs: number };

export function rowsOf(track: Track): Row[] {
  const rows: Row[] = [];
  let next = 0;
  const headlines = [...track.headlines].sort((a, b) => a.fromMs - b.fromMs);
  const headlinesTo = (ms: number) => {
    while (headlines.length > 0 && headlines[0].fromMs <= ms) {
      const headline = headlines.shift()!;
      rows.push({ key: `headline${headline.id}`, headline });
    }
  };
  track.cues.forEach((cue, index) => {
    headlinesTo(cue.showMs);
    if (cue.restMs > 0) {
      rows.push({ key: `rest${cue.id}`, rest: true, fromMs: cue.showMs - cue.restMs, toMs: cue.showMs });
    }
    while (next < track.unscripted.length && track.unscripted[next].startMs <= cue.words[0].startMs) {
      const piece = track.unscripted[next++];
      rows.push({ key: `heard${piece.id}`, piece });
    }
    rows.push({ key: `cue${cue.id}`, cue, index });
  });
  for (const piece of track.unscripted.slice(next)) rows.push({ key: `heard${piece.id}`, piece });
  const end = track.cues[track.cues.length - 1]?.hideMs ?? 0;
  if (track.endRestMs > 0)
    rows.push({ key: 'rest at the end', rest: true, fromMs: end, toMs: end + track.endRestMs });
  headlinesTo(Infinity);
  return rows;
}
