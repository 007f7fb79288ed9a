import { useLayoutEffect } from 'react';
import { usePlayer } from './player';

/**
 * Writes the time into the page at every frame, without rendering components: React would look through the component sixty
 * times a second for a change of one text.
 */
export function useEachTime(write: (timeMs: number) => void) {
  useLayoutEffect(() => {
    write(usePlayer.getState().timeMs);
    return usePlayer.subscribe((now, before) => now.timeMs !== before.timeMs && write(now.timeMs));
  });
}

/** The time while the clip is paused, null while it plays. Handles use it, because they are hidden during playback. */
export const useRestedTime = () => usePlayer((s) => (s.playing ? null : s.timeMs));
