import type { Cue, Edit, Track, Word } from '../api/types';
import { usePlayer } from '../player/player';
import { useLit } from '../state/lit';
import { scrollToWord } from '../state/reveal';
import { chosenCues, useSelection } from '../state/selection';

export type Step = { kind: 'undo' } | { kind: 'redo' };

/** What an action works on: the track, what is selected, and where the playhead is. */
export interface Hand {
  clipId: string;
  track: Track;
  change: (edit: Edit | Step) => void;
  words: Word[];
  /** Index of the selected word, else of the last one begun at the playhead; -1 before the first. */
  wordIndex: number;
  /** The selected word. */
  chosen: Word | undefined;
  /** The selected word, else the one being spoken. */
  spoken: Word | undefined;
  /** The selected cue, or the one of that word. */
  cue: Cue | undefined;
  cueIndex: number;
  /** The cues that an action on the selection touches. */
  cues: Cue[];
  goWord: (word: Word | undefined) => void;
}

export function handOf(clipId: string, track: Track, change: Hand['change']): Hand {
  const { selected, select } = useSelection.getState();
  const words = track.cues.flatMap((cue) => cue.words);
  const selectedCues = chosenCues(track, selected);
  const wordIndex = currentWord(words, selectedCues);
  const chosen = selected.kind === 'word' ? words[wordIndex] : undefined;
  const cue = selectedCues[0] ?? track.cues.find((c) => c.words.some((w) => w.id === words[wordIndex]?.id));
  return {
    clipId,
    track,
    change,
    words,
    wordIndex,
    chosen,
    spoken: chosen ?? words.find((w) => w.id === useLit.getState().wordId),
    cue,
    cueIndex: track.cues.findIndex((c) => c.id === cue?.id),
    cues: selectedCues.length > 0 ? selectedCues : cue ? [cue] : [],
    goWord: (word) => {
      if (!word) return;
      select({ kind: 'word', id: word.id });
      usePlayer.getState().seekWord(word.startMs);
      reveal(word.id);
    },
  };
}

function currentWord(words: Word[], selectedCues: Cue[]): number {
  const { selected } = useSelection.getState();
  if (selected.kind === 'word') return words.findIndex((w) => w.id === selected.id);
  if (selectedCues.length > 0) {
    const first = selectedCues[0].words[0];
    return words.findIndex((w) => w.id === first.id);
  }
  const now = usePlayer.getState().timeMs;
  let last = -1;
  words.forEach((w, i) => {
    if (w.startMs <= now + 1) last = i;
  });
  return last;
}

/** Brings a word into view and gives it the keyboard; a row that is far away is scrolled to first. */
export function reveal(wordId: number) {
  scrollToWord(wordId);
  requestAnimationFrame(() =>
    requestAnimationFrame(() => {
      const { selected, typing } = useSelection.getState();
      // The selection has changed or another field is open: leave the keyboard there.
      if (typing || selected.kind !== 'word' || selected.id !== wordId) return;
      const element = document.querySelector<HTMLElement>(`[data-word="${wordId}"]`);
      element?.scrollIntoView({ block: 'nearest' });
      element?.focus({ preventScroll: true });
    }),
  );
}
