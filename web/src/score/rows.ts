import type { Cue, Track, Unscripted } from '../api/types';

/** What stands in the score, in order of time. */
export type Row = { key: string; cue: Cue; index: number } | { key: string; piece: Unscripted };

export function rowsOf(track: Track): Row[] {
  const rows: Row[] = [];
  let next = 0;
  track.cues.forEach((cue, index) => {
    while (next < track.unscripted.length && track.unscripted[next].startMs <= cue.words[0].startMs) {
      const piece = track.unscripted[next++];
      rows.push({ key: `heard${piece.id}`, piece });
    }
    rows.push({ key: `cue${cue.id}`, cue, index });
  });
  for (const piece of track.unscripted.slice(next)) rows.push({ key: `heard${piece.id}`, piece });
  return rows;
}
