import type { Word } from '../../api/types';
import type { Hand } from '../hand';
import { player, type Action } from './action';

/** The word before which the cue on the stage is split: the nearest beginning of a word to the playhead. */
function nextInCue({ track }: Hand): Word | undefined {
  const now = player().timeMs;
  const shown = track.cues.find((c) => c.showMs <= now && now < c.hideMs);
  const away = (word: Word) => Math.abs(word.startMs - now);
  return shown?.words
    .slice(1)
    .reduce<Word | undefined>((best, w) => (best && away(best) <= away(w) ? best : w), undefined);
}

/** Where cues and lines break. */
export const BREAK: Action[] = [
  {
    id: 'split',
    group: 'Break',
    label: 'Split the cue before the word, or at the playhead',
    keys: ['B'],
    run: (h) => {
      const word = h.chosen ?? nextInCue(h);
      return word ? () => h.change({ kind: 'splitCue', wordId: word.id }) : null;
    },
  },
  {
    id: 'join',
    group: 'Break',
    label: 'Join with the next, or the selected cues',
    keys: ['N'],
    run: ({ cue, cues, change }) =>
      cues.length > 1
        ? () => change({ kind: 'joinRun', cueIds: cues.map((c) => c.id) })
        : cue
          ? () => change({ kind: 'joinCues', cueId: cue.id })
          : null,
  },
  {
    id: 'joinBefore',
    group: 'Break',
    label: 'Join with the cue before',
    keys: ['Shift N'],
    run: ({ track, cueIndex, change }) =>
      cueIndex > 0 ? () => change({ kind: 'joinCues', cueId: track.cues[cueIndex - 1].id }) : null,
  },
  {
    id: 'sendBack',
    group: 'Break',
    label: 'Send the first word to the cue before',
    keys: ['Shift ←'],
    run: ({ cue, change }) =>
      cue ? () => change({ kind: 'moveWord', wordId: cue.words[0].id, toNext: false }) : null,
  },
  {
    id: 'sendOn',
    group: 'Break',
    label: 'Send the last word to the next cue',
    keys: ['Shift →'],
    run: ({ cue, change }) =>
      cue
        ? () => change({ kind: 'moveWord', wordId: cue.words[cue.words.length - 1].id, toNext: true })
        : null,
  },
  {
    id: 'line',
    group: 'Break',
    label: 'Break the line before the word, or join it',
    keys: ['V'],
    run: ({ chosen, cue, change }) => {
      const at = cue?.words.findIndex((w) => w.id === chosen?.id) ?? -1;
      return chosen && cue && at > 0
        ? () => change({ kind: 'breakLine', wordId: chosen.id, broken: !cue.lineStarts.includes(at) })
        : null;
    },
  },
  {
    id: 'balance',
    group: 'Break',
    label: 'Balance the lines',
    keys: ['W'],
    run: ({ cues, change }) =>
      cues.length > 0 ? () => change({ kind: 'balanceLines', cueIds: cues.map((c) => c.id) }) : null,
  },
  {
    id: 'release',
    group: 'Break',
    label: 'Release the breaks made by hand',
    keys: ['Shift B'],
    run: ({ cues, change }) =>
      cues.some((c) => c.words.some((w) => w.pin !== 'FREE'))
        ? () => change({ kind: 'releaseBreaks', cueIds: cues.map((c) => c.id) })
        : null,
  },
];
