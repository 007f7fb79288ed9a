import { useEffect } from 'react';
import { useChange } from '../api/changes';
import { useTrackNow } from '../api/queries';
import { useChoices } from '../state/choices';
import { ACTIONS, keysOf } from './actions';
import { comboOf } from './combo';
import { handOf } from './hand';

/** The bench's keys. A text field, a slider, a menu and a dialog keep theirs. */
export function useKeys(clipId: string) {
  const { mutate } = useChange(clipId);
  // The track at the moment of the key: a fast typist is ahead of the page's drawing.
  const trackNow = useTrackNow(clipId);
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement;
      const track = trackNow();
      if (!track || e.defaultPrevented) return;
      if (target.closest('input, textarea, select, [role=dialog], [role=menu], [role=slider]')) return;
      const control = !target.closest('[data-word]') && target.closest('button, a');
      if (control && (e.key === ' ' || e.key === 'Enter')) return;
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
