import { create } from 'zustand';

/** Words suggested for emphasis, by id, with reasons; empty unless requested. */
export const useSuggested = create<{
  because: ReadonlyMap<number, string>;
  /** Those that the designer does not want. */
  refused: ReadonlySet<number>;
}>(() => ({ because: new Map(), refused: new Set() }));

export const refuse = (wordId: number) =>
  useSuggested.setState((s) => ({ refused: new Set(s.refused).add(wordId) }));
