import { useLayoutEffect } from 'react';
import { usePlayer } from './player';

/**
 * Writes the time into the page at every frame, without rendering anything: React would look through the component sixty
 * times a second for a change of one text.
 */
export function useEachTime(write: (timeMs: number) => void) {
  useLayoutEffect(() => {
    write(usePlayer.getState().timeMs);
    return usePlayer.subscribe((now, before) => now.timeMs !== before.timeMs && write(now.timeMs));
  });
}

/** The time while the clip rests, null while it plays: for what is taken by hand, which waits meanwhile. */
export const useRestedTime = () => usePlayer((s) => (s.playing ? null : s.timeMs));
