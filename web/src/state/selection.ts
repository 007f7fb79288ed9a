import { create } from 'zustand';
import type { Cue, Track } from '../api/types';

/** The one thing under the cursor: a word, a cue, a run of cues, a headline, or nothing. */
export type Selected =
  | { kind: 'word'; id: number }
  | { kind: 'cue'; id: number }
  | { kind: 'run'; from: number; to: number }
  | { kind: 'headline'; id: number }
  | { kind: 'none' };

/** Where typing begins: in a cue at a word, or in a rest for a new cue. */
export type Typing =
  | { cueId: number; wordId: number | null; caret?: 'start' | 'end' | number; onStage?: boolean }
  | { restFromMs: number; restToMs: number }
  | { byHand: true };

interface Selection {
  selected: Selected;
  typing: Typing | null;
  select: (selected: Selected) => void;
  /** Grows the selection to a run of cues that ends with this one. */
  extendTo: (track: Track, cueId: number) => void;
  /** @param onStage in the picture, not in the score */
  type: (cueId: number, wordId: number | null, caret?: 'start' | 'end' | number, onStage?: boolean) => void;
  typeInRest: (fromMs: number, toMs: number) => void;
  /** A line in which cues are typed one after the other at the playhead. */
  typeByHand: () => void;
  endTyping: () => void;
}

export const useSelection = create<Selection>((set, get) => ({
  selected: { kind: 'none' },
  typing: null,
  select: (selected) => set({ selected }),
  extendTo: (track, cueId) => {
    const { selected } = get();
    const from = selected.kind === 'run' ? selected.from : chosenCues(track, selected)[0]?.id;
    set({
      selected:
        from === undefined || from === cueId ? { kind: 'cue', id: cueId } : { kind: 'run', from, to: cueId },
    });
  },
  type: (cueId, wordId, caret, onStage) => set({ typing: { cueId, wordId, caret, onStage } }),
  typeInRest: (restFromMs, restToMs) => set({ typing: { restFromMs, restToMs } }),
  typeByHand: () => set({ typing: { byHand: true } }),
  endTyping: () => set({ typing: null }),
}));

/** The cues that an action on the selection affects; a word selects its cue. */
export function chosenCues(track: Track, selected: Selected): Cue[] {
  if (selected.kind === 'word') return track.cues.filter((c) => c.words.some((w) => w.id === selected.id));
  if (selected.kind === 'cue') return track.cues.filter((c) => c.id === selected.id);
  if (selected.kind === 'none' || selected.kind === 'headline') return [];
  const a = track.cues.findIndex((c) => c.id === selected.from);
  const b = track.cues.findIndex((c) => c.id === selected.to);
  return a < 0 || b < 0 ? [] : track.cues.slice(Math.min(a, b), Math.max(a, b) + 1);
}

/** “this word”, “this cue”, “these 4 cues”: what an action will touch. */
export function saidOf(track: Track, selected: Selected): string {
  if (selected.kind === 'word') return 'this word';
  if (selected.kind === 'headline') return 'this headline';
  const count = chosenCues(track, selected).length;
  return count === 0 ? 'the track' : count === 1 ? 'this cue' : `these ${count} cues`;
}
