import { useEffect, useMemo, useRef } from 'react';
import { useChange } from '../api/queries';
import type { Target } from '../api/looks';
import type { Edit, Look } from '../api/types';
import { endTrying, tryingMade, tryOut } from './trying';

const SETTLE_MS = 350;

/** Changes the look of what is in hand: seen at once, done when the hand rests. */
export interface LookChange {
  /** Shows it; it is done when nothing more comes for a moment. */
  soon: (look: Look) => void;
  /** Does it. */
  now: (look: Look) => void;
  reset: (names: string[]) => void;
}

export function useLookChange(clipId: string, target: Target): LookChange {
  const { mutate } = useChange(clipId);
  const timer = useRef(0);
  const waiting = useRef<(() => void) | null>(null);
  const held = useRef('');
  // What still waits is done before something else comes into the hand.
  const key = JSON.stringify(target);
  useEffect(
    () => () => {
      window.clearTimeout(timer.current);
      waiting.current?.();
    },
    [clipId, key],
  );
  return useMemo(() => {
    const touched = JSON.parse(key) as Target;
    const make = (edit: Edit) => {
      window.clearTimeout(timer.current);
      waiting.current = null;
      tryingMade();
      mutate(edit, { onError: endTrying });
    };
    const edit = (look: Look): Edit => ({ kind: 'changeLook', ...touched, look });
    return {
      soon: (look) => {
        // Another thing in the hand: what was in it before is done.
        const what = Object.keys(look).join();
        if (waiting.current && what !== held.current) waiting.current();
        held.current = what;
        tryOut(clipId, edit(look));
        window.clearTimeout(timer.current);
        waiting.current = () => make(edit(look));
        timer.current = window.setTimeout(() => waiting.current?.(), SETTLE_MS);
      },
      now: (look) => make(edit(look)),
      reset: (reset) => make({ kind: 'changeLook', ...touched, reset }),
    };
  }, [clipId, key, mutate]);
}
