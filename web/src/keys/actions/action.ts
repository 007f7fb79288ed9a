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

/** Goes to the next word after the selected one that is wanted, from the beginning again after the last. */
export function nextFrom(hand: Hand, wanted: (id: number, unsure: boolean) => boolean) {
  const from = hand.chosen ? hand.wordIndex : -1;
  const next =
    hand.words.find((w, i) => i > from && wanted(w.id, w.unsure)) ??
    hand.words.find((w) => wanted(w.id, w.unsure));
  return next ? () => hand.goWord(next) : null;
}
