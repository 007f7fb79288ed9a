import { useEffect, useMemo, useRef } from 'react';
import { useChange } from '../api/changes';
import type { Target } from '../api/looks';
import type { Edit, Look } from '../api/types';
import { giveLook, lookGiven, takeBack } from './givenLook';
import { pointerHeld } from './pointerHeld';
import { endTrying, tryingMade, tryOut } from './trying';

const SETTLE_MS = 350;

/** Changes the look of the selection: previewed at once, saved when the control rests. */
export interface LookChange {
  /** Shows it; it is done when nothing more comes for a moment and no pointer is held. */
  soon: (look: Look) => void;
  /** Does it. */
  now: (look: Look) => void;
  reset: (names: string[]) => void;
}

/** Of something whose look is changed. */
export const nameOf = (clipId: string, target: Target) => `${clipId} ${JSON.stringify(target)}`;

export function useLookChange(clipId: string, target: Target): LookChange {
  const { mutateAsync } = useChange(clipId);
  const timer = useRef(0);
  const waiting = useRef<{ names: string[]; do: () => void } | null>(null);
  // What still waits is done before something else comes into the hand.
  const key = JSON.stringify(target);
  useEffect(
    () => () => {
      window.clearTimeout(timer.current);
      waiting.current?.do();
      waiting.current = null;
    },
    [clipId, key],
  );
  return useMemo(() => {
    const touched = JSON.parse(key) as Target;
    const to = nameOf(clipId, touched);
    const make = async (edit: Edit) => {
      tryingMade();
      try {
        return await mutateAsync(edit);
      } catch {
        // The request has already shown the error.
        endTrying();
        return null;
      }
    };
    const edit = (look: Look): Edit => ({ kind: 'changeLook', ...touched, look });
    const give = (look: Look) => {
      giveLook(to, look);
      void make(edit(look)).then((track) => lookGiven(to, look, track));
    };
    /** Applies pending changes, unless all of them are about to be replaced. */
    const settle = (names: string[]) => {
      window.clearTimeout(timer.current);
      const before = waiting.current;
      waiting.current = null;
      if (before && !before.names.every((name) => names.includes(name))) before.do();
    };
    return {
      soon: (look) => {
        const names = Object.keys(look);
        settle(names);
        giveLook(to, look);
        tryOut(clipId, edit(look));
        waiting.current = { names, do: () => give(look) };
        const rested = () => {
          // A drag is one step of the history, however often the hand rests on its way.
          if (pointerHeld()) timer.current = window.setTimeout(rested, SETTLE_MS);
          else settle([]);
        };
        timer.current = window.setTimeout(rested, SETTLE_MS);
      },
      now: (look) => {
        settle(Object.keys(look));
        give(look);
      },
      reset: (reset) => {
        settle(reset);
        takeBack(to, reset);
        void make({ kind: 'changeLook', ...touched, reset });
      },
    };
  }, [clipId, key, mutateAsync]);
}
