import { useEffect } from 'react';
import { useChange } from '../api/changes';
import { useTrackNow } from '../api/queries';
import { useChoices } from '../state/choices';
import { ACTIONS, keysOf } from './actions';
import { comboOf } from './combo';
import { handOf } from './hand';
import { keepsKey, keptBack } from './keyboard';

/** The bench's keys, unless the control with the focus keeps them. */
export function useKeys(clipId: string) {
  const { mutate } = useChange(clipId);
  // The track at the moment of the key: a fast typist is ahead of the page's drawing.
  const trackNow = useTrackNow(clipId);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      // Not the event's target: that may have given the keyboard back just now.
      const target = document.activeElement ?? document.body;
      const track = trackNow();
      if (!track || e.defaultPrevented) return;
      if (keepsKey(target, e)) return;
      if (keptBack(e)) return e.preventDefault();
      const combo = comboOf(e);
      const chosen = useChoices.getState().keys;
      const action = ACTIONS.find((a) => keysOf(a, chosen).includes(combo));
      const run = action?.run(handOf(clipId, track, mutate));
      if (run) {
        e.preventDefault();
        run();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [clipId, trackNow, mutate]);
}
