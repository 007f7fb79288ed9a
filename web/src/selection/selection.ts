import { create } from 'zustand';

/** The one thing under the cursor: a word, a cue, or nothing. */
export type Selected = { kind: 'word'; id: number } | { kind: 'cue'; id: number } | { kind: 'none' };

interface Selection {
  selected: Selected;
  /** The cue whose text is being typed, and the word the caret starts at. */
  typing: { cueId: number; wordId: number | null } | null;
  select: (selected: Selected) => void;
  type: (cueId: number, wordId: number | null) => void;
  endTyping: () => void;
}

export const useSelection = create<Selection>((set) => ({
  selected: { kind: 'none' },
  typing: null,
  select: (selected) => set({ selected }),
  type: (cueId, wordId) => set({ typing: { cueId, wordId } }),
  endTyping: () => set({ typing: null }),
}));
