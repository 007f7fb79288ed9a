import { useEffect } from 'react';
import { useChange } from '../api/queries';
import type { Track } from '../api/types';
import { useChoices } from '../bench/choices';
import { ACTIONS, keysOf } from './actions';
import { comboOf } from './combo';
import { handOf } from './hand';

/** The bench's keys. A text field, a slider, a menu and a dialog keep theirs. */
export function useKeys(clipId: string, track: Track | undefined) {
  const { mutate } = useChange(clipId);
  useEffect(() => {
    if (!track) return;
    const onKey = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement;
      if (e.defaultPrevented) return;
      if (target.closest('input, textarea, select, [role=dialog], [role=menu], [role=slider]')) return;
      const control = !target.closest('[data-word]') && target.closest('button, a');
      if (control && (e.key === ' ' || e.key === 'Enter')) return;
      const combo = comboOf(e);
      const chosen = useChoices.getState().keys;
      const action = ACTIONS.find((a) => keysOf(a, chosen).includes(combo));
      const run = action?.run(handOf(track, mutate));
      if (run) {
        e.preventDefault();
        run();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [track, mutate]);
}
