import { create } from 'zustand';

export type Turn = 'score' | 'stage' | 'drawer';

/** Open panels of the bench. */
interface Panels {
  lens: boolean;
  keys: boolean;
  history: boolean;
  /** What is in view where there is no room for all of it. */
  turn: Turn;
  /** Captions are on the stage. */
  captions: boolean;
  /** What a phone lays over the picture is on the stage. */
  zones: boolean;
  /** The whole clip in the whole window, as a phone shows it. */
  preview: boolean;
  /** The word that is to be replaced everywhere; null when the panel is closed. */
  replace: string | null;
  /** Language of the translation beside the words, and on the stage; null for none. */
  beside: string | null;
  onStage: string | null;
  /** The part of the clip in which words are got; null for the whole clip. */
  range: { fromMs: number; toMs: number } | null;
  set: (change: Partial<Omit<Panels, 'set'>>) => void;
}

export const usePanels = create<Panels>((set) => ({
  lens: false,
  keys: false,
  history: false,
  turn: 'score',
  captions: true,
  zones: false,
  preview: false,
  replace: null,
  beside: null,
  onStage: null,
  range: null,
  set: (change) => set(change),
}));
