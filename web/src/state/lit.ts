import { useEffect, useLayoutEffect, useState, type RefObject } from 'react';
import { create } from 'zustand';
import type { Track } from '../api/types';
import { usePlayer } from '../player/player';

/** The word being spoken and the cue on the screen; changes only when they do. */
export const useLit = create<Lit>(() => ({
  wordId: null,
  cueId: null,
}));

interface Lit {
  wordId: number | null;
  cueId: number | null;
}

/** Marks an element by an attribute while its word or cue is lit, without rendering it: words change several times a second. */
export function useLitMark(
  element: RefObject<HTMLElement | null>,
  attribute: string,
  kind: keyof Lit,
  id: number,
) {
  useLayoutEffect(() => {
    const mark = (lit: Lit) => {
      if (lit[kind] === id) element.current?.setAttribute(attribute, 'true');
      else element.current?.removeAttribute(attribute);
    };
    mark(useLit.getState());
    return useLit.subscribe(mark);
  }, [element, attribute, kind, id]);
}

/** The cue on the screen, held while the clip plays: what shows it beside the stage waits until the clip rests. */
export function useRestedCue(): number | null {
  const playing = usePlayer((s) => s.playing);
  const cue = useLit((s) => (playing ? null : s.cueId));
  const [held, setHeld] = useState(cue);
  useEffect(() => {
    if (!playing) setHeld(cue);
  }, [playing, cue]);
  return held;
}

/** Keeps the lit word in step with the clock. @returns a function that ends it */
export function followClock(track: Track): () => void {
  const words = track.cues.flatMap((cue) => cue.words);
  const at = (ms: number) => {
    const word = lastAtOrBefore(words, ms, (w) => w.startMs);
    const cue = lastAtOrBefore(track.cues, ms, (c) => c.showMs);
    const wordId = word && ms < word.endMs ? word.id : null;
    const cueId = cue && ms < cue.hideMs ? cue.id : null;
    const lit = useLit.getState();
    if (lit.wordId !== wordId || lit.cueId !== cueId) useLit.setState({ wordId, cueId });
  };
  at(usePlayer.getState().timeMs);
  return usePlayer.subscribe((s, before) => s.timeMs !== before.timeMs && at(s.timeMs));
}

function lastAtOrBefore<T>(items: T[], ms: number, start: (item: T) => number): T | null {
  let low = 0;
  let high = items.length;
  while (low < high) {
    const mid = (low + high) >>> 1;
    if (start(items[mid]) <= ms) low = mid + 1;
    else high = mid;
  }
  return low > 0 ? items[low - 1] : null;
}
