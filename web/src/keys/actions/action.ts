import { usePanels } from '../../state/panels';
import { usePlayer } from '../../player/player';
import { useSelection } from '../../state/selection';
import type { Hand } from '../hand';

/** One thing that can be done, with the keys it ships with. `run` gives what to do now, or null when there is nothing. */
export interface Action {
  id: string;
  group: 'Listen' | 'Go' | 'Write' | 'Break' | 'Time' | 'Step';
  label: string;
  keys: string[];
  run: (hand: Hand) => (() => void) | null;
}

export const player = () => usePlayer.getState();
export const selection = () => useSelection.getState();
export const panels = () => usePanels.getState();

const NEAR_MS = 100;

/** Goes to the next word that is wanted after the selected one, or after the playhead; after the last, from the beginning. */
export function nextFrom(hand: Hand, wanted: (id: number, unsure: boolean) => boolean) {
  const now = usePlayer.getState().timeMs;
  // The playhead counts where it has left the selected word.
  const { chosen } = hand;
  const there = chosen && now > chosen.startMs - NEAR_MS && now < chosen.endMs + NEAR_MS;
  const from = there ? hand.wordIndex : hand.words.findLastIndex((w) => w.startMs < now - NEAR_MS);
  const next =
    hand.words.find((w, i) => i > from && wanted(w.id, w.unsure)) ??
    hand.words.find((w) => wanted(w.id, w.unsure));
  return next ? () => hand.goWord(next) : null;
}
