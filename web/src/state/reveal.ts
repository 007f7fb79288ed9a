import { create } from 'zustand';

interface Reveal {
  /** A new object for each request, so that the same word can be requested twice. */
  asked: { wordId: number } | { cueId: number } | null;
}

/** The word, or the cue or headline, that the score is to scroll to. */
export const useReveal = create<Reveal>(() => ({ asked: null }));

export const scrollToWord = (wordId: number) => useReveal.setState({ asked: { wordId } });

export const scrollToCue = (cueId: number) => useReveal.setState({ asked: { cueId } });
