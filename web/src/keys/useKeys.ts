import { useEffect } from 'react';
import { useChange } from '../api/queries';
import type { Cue, Track, Word } from '../api/types';
import { usePlayer } from '../player/player';
import { useLit } from '../score/lit';
import { useSelection } from '../selection/selection';

const SECOND_MS = 1000;

/** The bench's keys. A text field, a slider and a dialog keep theirs. */
export function useKeys(clipId: string, track: Track | undefined) {
  const { mutate } = useChange(clipId);
  useEffect(() => {
    if (!track) return;
    const onKey = (e: KeyboardEvent) => {
      const target = e.target as HTMLElement;
      if (target.closest('input, textarea, select, [role=dialog]')) return;
      const word = target.closest('[data-word]');
      const control = !word && target.closest('button, a');
      if (control && (e.key === ' ' || e.key === 'Enter')) return;
      const action = actionFor(e, track, mutate);
      if (action) {
        e.preventDefault();
        action();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [track, mutate]);
}

type Mutate = ReturnType<typeof useChange>['mutate'];

function actionFor(e: KeyboardEvent, track: Track, change: Mutate): (() => void) | null {
  const player = usePlayer.getState();
  const { selected, select, type } = useSelection.getState();
  const words = track.cues.flatMap((cue) => cue.words);
  const wordIndex = currentWord(track, words);
  const cue = currentCue(track, words[wordIndex]);
  const key = e.key.length === 1 ? e.key.toLowerCase() : e.key;
  if (e.ctrlKey || e.metaKey) {
    if (key === 'z') return () => change({ kind: e.shiftKey ? 'redo' : 'undo' });
    if (key === 'y') return () => change({ kind: 'redo' });
    return null;
  }
  if (e.altKey) return null;
  const goWord = (word: Word | undefined) => {
    if (!word) return;
    select({ kind: 'word', id: word.id });
    player.seekWord(word.startMs);
    reveal(word.id);
  };
  const goCue = (by: number) => {
    const next =
      track.cues[track.cues.findIndex((c) => c.id === cue?.id) + by] ?? (cue ? undefined : track.cues[0]);
    goWord(next?.words[0]);
  };
  const chosen = selected.kind === 'word' ? words[wordIndex] : undefined;
  const spoken = chosen ?? words.find((w) => w.id === useLit.getState().wordId);
  switch (key) {
    case ' ':
      return player.toggle;
    case 'p':
      return cue ? () => player.play(cue.showMs, cue.hideMs) : null;
    case 'j':
      return () => player.seek(player.timeMs - SECOND_MS);
    case 'l':
      return () => player.seek(player.timeMs + SECOND_MS);
    case ',':
      return () => player.step(-1);
    case '.':
      return () => player.step(1);
    case 'Home':
      return () => player.seek(0);
    case 'End':
      return () => player.seek(player.durationMs);
    case 'u': {
      const next =
        words.find((w, i) => w.unsure && i > (chosen ? wordIndex : -1)) ?? words.find((w) => w.unsure);
      return next ? () => goWord(next) : null;
    }
    case 'ArrowLeft':
      return e.shiftKey && chosen
        ? () => change({ kind: 'moveWord', wordId: chosen.id, toNext: false })
        : () => goWord(chosen ? words[wordIndex - 1] : words[Math.max(0, wordIndex)]);
    case 'ArrowRight':
      return e.shiftKey && chosen
        ? () => change({ kind: 'moveWord', wordId: chosen.id, toNext: true })
        : () => goWord(chosen ? words[wordIndex + 1] : words[Math.max(0, wordIndex)]);
    case 'ArrowUp':
      return () => goCue(-1);
    case 'ArrowDown':
      return () => goCue(1);
    case 'Escape':
      return () => select({ kind: 'none' });
    case 'Enter':
      return cue ? () => type(cue.id, chosen?.id ?? null) : null;
    case 'e':
      return spoken
        ? () => change({ kind: 'setEmphasis', wordIds: [spoken.id], emphasis: spoken.emphasis ? 0 : 1 })
        : null;
    case 'c':
      return chosen ? () => change({ kind: 'confirmWords', wordIds: [chosen.id] }) : null;
    case 'b':
      return chosen ? () => change({ kind: 'splitCue', wordId: chosen.id }) : null;
    case 'n':
      return cue ? () => change({ kind: 'joinCues', cueId: cue.id }) : null;
    case '?':
      return () => window.dispatchEvent(new Event('show-keys'));
    default:
      return null;
  }
}

/** Index of the selected word, else of the last one begun at the playhead; -1 before the first. */
function currentWord(track: Track, words: Word[]): number {
  const { selected } = useSelection.getState();
  if (selected.kind === 'word') return words.findIndex((w) => w.id === selected.id);
  if (selected.kind === 'cue') {
    const first = track.cues.find((c) => c.id === selected.id)?.words[0];
    return words.findIndex((w) => w.id === first?.id);
  }
  const now = usePlayer.getState().timeMs;
  let last = -1;
  words.forEach((w, i) => {
    if (w.startMs <= now + 1) last = i;
  });
  return last;
}

function currentCue(track: Track, word: Word | undefined): Cue | undefined {
  const { selected } = useSelection.getState();
  if (selected.kind === 'cue') return track.cues.find((c) => c.id === selected.id);
  return track.cues.find((c) => c.words.some((w) => w.id === word?.id));
}

function reveal(wordId: number) {
  requestAnimationFrame(() => {
    const element = document.querySelector<HTMLElement>(`[data-word="${wordId}"]`);
    element?.scrollIntoView({ block: 'nearest' });
    element?.focus({ preventScroll: true });
  });
}
