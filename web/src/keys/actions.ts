import { usePanels } from '../bench/panels';
import { usePlayer } from '../player/player';
import { readingsNow } from '../api/hearing';
import { bare } from '../score/bare';
import { ROOM_MS } from '../score/rows';
import { useSpelling } from '../score/spelling';
import { useSelection } from '../selection/selection';
import type { Hand } from './hand';

/** One thing that can be done, with the keys it ships with. `run` gives what to do now, or null when there is nothing. */
export interface Action {
  id: string;
  group: 'Listen' | 'Go' | 'Write' | 'Break' | 'Time' | 'Step';
  label: string;
  keys: string[];
  run: (hand: Hand) => (() => void) | null;
}

const SECOND_MS = 1000;
const NUDGE_MS = 10;
const player = () => usePlayer.getState();
const selection = () => useSelection.getState();
const panels = () => usePanels.getState();

function goCue(hand: Hand, by: number) {
  const next = hand.track.cues[hand.cueIndex < 0 ? 0 : hand.cueIndex + by];
  return next ? () => hand.goWord(next.words[0]) : null;
}

/** One word on or back in the order of time. */
function goWord(hand: Hand, by: number) {
  hand.goWord(hand.chosen ? hand.words[hand.wordIndex + by] : hand.words[Math.max(0, hand.wordIndex)]);
}

function extend(hand: Hand, by: number) {
  const { selected, extendTo } = selection();
  const end = selected.kind === 'run' ? selected.to : hand.cue?.id;
  const next = hand.track.cues[hand.track.cues.findIndex((c) => c.id === end) + by];
  return next ? () => extendTo(hand.track, next.id) : null;
}

function nextFrom(hand: Hand, wanted: (id: number, unsure: boolean) => boolean) {
  const from = hand.chosen ? hand.wordIndex : -1;
  const next =
    hand.words.find((w, i) => i > from && wanted(w.id, w.unsure)) ??
    hand.words.find((w) => wanted(w.id, w.unsure));
  return next ? () => hand.goWord(next) : null;
}

function nudge(hand: Hand, byMs: number) {
  const wordIds = hand.chosen ? [hand.chosen.id] : hand.cues.flatMap((c) => c.words.map((w) => w.id));
  return wordIds.length > 0
    ? () => hand.change({ kind: 'nudgeWords', wordIds, byMs: Math.round(byMs), push: 'STOP' })
    : null;
}

function setTime(hand: Hand, edge: 'start' | 'end') {
  const now = Math.round(player().timeMs);
  if (hand.chosen) {
    const wordId = hand.chosen.id;
    return () => hand.change({ kind: 'moveEdge', wordId, end: edge === 'end', toMs: now, push: 'FOLLOW' });
  }
  const cue = edge === 'start' ? hand.cues[0] : hand.cues[hand.cues.length - 1];
  return cue
    ? () =>
        hand.change({
          kind: 'setCueTime',
          cueId: cue.id,
          ...(edge === 'start' ? { showMs: now } : { hideMs: now }),
        })
    : null;
}

const stepLink = (label: string) =>
  [...document.querySelectorAll<HTMLAnchorElement>('nav[aria-label=Steps] a')].find((a) => a.text === label);

export const ACTIONS: Action[] = [
  { id: 'play', group: 'Listen', label: 'Play or pause', keys: ['Space'], run: () => player().toggle },
  {
    id: 'playCue',
    group: 'Listen',
    label: 'Play just this cue',
    keys: ['P'],
    run: ({ cues }) => (cues[0] ? () => player().play(cues[0].showMs, cues[cues.length - 1].hideMs) : null),
  },
  {
    id: 'loopCue',
    group: 'Listen',
    label: 'Play it over and over',
    keys: ['Shift P'],
    run: ({ cues }) => (cues[0] ? () => player().loop(cues[0].showMs, cues[cues.length - 1].hideMs) : null),
  },
  {
    id: 'playHere',
    group: 'Listen',
    label: 'Play from here',
    keys: ['Shift Space'],
    run: ({ chosen, cue }) => {
      const from = chosen?.startMs ?? cue?.showMs;
      return from === undefined ? null : () => player().play(from);
    },
  },
  {
    id: 'back',
    group: 'Listen',
    label: 'Back a second',
    keys: ['J'],
    run: () => () => player().seek(player().timeMs - SECOND_MS),
  },
  { id: 'pause', group: 'Listen', label: 'Pause', keys: ['K'], run: () => player().pause },
  {
    id: 'on',
    group: 'Listen',
    label: 'On a second',
    keys: ['L'],
    run: () => () => player().seek(player().timeMs + SECOND_MS),
  },
  {
    id: 'frameBack',
    group: 'Listen',
    label: 'Back a frame',
    keys: [','],
    run: () => () => player().step(-1),
  },
  { id: 'frameOn', group: 'Listen', label: 'On a frame', keys: ['.'], run: () => () => player().step(1) },
  { id: 'slower', group: 'Listen', label: 'Slower', keys: ['-'], run: () => () => player().faster(-1) },
  { id: 'faster', group: 'Listen', label: 'Faster', keys: ['=', '+'], run: () => () => player().faster(1) },
  {
    id: 'home',
    group: 'Listen',
    label: 'To the beginning',
    keys: ['Home'],
    run: () => () => player().seek(0),
  },
  {
    id: 'end',
    group: 'Listen',
    label: 'To the end',
    keys: ['End'],
    run: () => () => player().seek(player().durationMs),
  },

  {
    id: 'wordBefore',
    group: 'Go',
    label: 'Word before (to the left)',
    keys: ['←'],
    run: (h) => () => goWord(h, h.cue?.rightToLeft ? 1 : -1),
  },
  {
    id: 'wordAfter',
    group: 'Go',
    label: 'Word after (to the right)',
    keys: ['→'],
    run: (h) => () => goWord(h, h.cue?.rightToLeft ? -1 : 1),
  },
  { id: 'cueBefore', group: 'Go', label: 'Cue before', keys: ['↑'], run: (h) => goCue(h, -1) },
  { id: 'cueAfter', group: 'Go', label: 'Cue after', keys: ['↓'], run: (h) => goCue(h, 1) },
  {
    id: 'extendUp',
    group: 'Go',
    label: 'Select up to the cue before',
    keys: ['Shift ↑'],
    run: (h) => extend(h, -1),
  },
  {
    id: 'extendDown',
    group: 'Go',
    label: 'Select on to the cue after',
    keys: ['Shift ↓'],
    run: (h) => extend(h, 1),
  },
  {
    id: 'all',
    group: 'Go',
    label: 'Select every cue',
    keys: ['A'],
    run: ({ track }) =>
      track.cues.length > 0
        ? () =>
            selection().select({
              kind: 'run',
              from: track.cues[0].id,
              to: track.cues[track.cues.length - 1].id,
            })
        : null,
  },
  {
    id: 'cue',
    group: 'Go',
    label: 'Select the whole cue',
    keys: ['S'],
    run: ({ cue }) => (cue ? () => selection().select({ kind: 'cue', id: cue.id }) : null),
  },
  {
    id: 'unsure',
    group: 'Go',
    label: 'Next unsure word',
    keys: ['U'],
    run: (h) => nextFrom(h, (_, unsure) => unsure),
  },
  {
    id: 'misspelt',
    group: 'Go',
    label: 'Next word that may be misspelt',
    keys: ['Shift U'],
    run: (h) => nextFrom(h, (id) => useSpelling.getState().wrong.has(id)),
  },
  {
    id: 'none',
    group: 'Go',
    label: 'Nothing selected',
    keys: ['Esc'],
    run: () => () => selection().select({ kind: 'none' }),
  },

  {
    id: 'type',
    group: 'Write',
    label: 'Type in the cue',
    keys: ['Enter'],
    run: ({ cue, chosen }) => (cue ? () => selection().type(cue.id, chosen?.id ?? null) : null),
  },
  {
    id: 'confirm',
    group: 'Write',
    label: 'Confirm, and go to the next unsure',
    keys: ['C'],
    run: (h) => {
      const { chosen } = h;
      if (!chosen) {
        const open = h.cues.flatMap((c) => c.words).filter((w) => w.confidence < 1);
        const whole = selection().selected.kind !== 'none' && open.length > 0;
        return whole ? () => h.change({ kind: 'confirmWords', wordIds: open.map((w) => w.id) }) : null;
      }
      return () => {
        if (chosen.confidence < 1) h.change({ kind: 'confirmWords', wordIds: [chosen.id] });
        nextFrom(h, (id, unsure) => unsure && id !== chosen.id)?.();
      };
    },
  },
  ...[1, 2, 3, 4, 5].map((n): Action => ({
    id: `reading${n}`,
    group: 'Write',
    label: n === 1 ? 'Take the first other reading' : `Take reading ${n}`,
    keys: n === 1 ? ['Q', 'Alt 1'] : [`Alt ${n}`],
    run: ({ chosen, clipId, change }) => {
      const reading = chosen && readingsNow(clipId, chosen.id)[n - 1];
      return reading
        ? () => change({ kind: 'replaceText', find: reading.find, with: reading.with, wordIds: [chosen.id] })
        : null;
    },
  })),
  {
    id: 'hand',
    group: 'Write',
    label: 'Type a cue at the playhead',
    keys: ['Y'],
    run: () => () => selection().typeByHand(),
  },
  {
    id: 'emphasise',
    group: 'Write',
    label: 'Emphasise the word, or make it plain',
    keys: ['E'],
    run: ({ spoken, change }) =>
      spoken
        ? () => change({ kind: 'setEmphasis', wordIds: [spoken.id], emphasis: spoken.emphasis ? 0 : 1 })
        : null,
  },
  {
    id: 'replace',
    group: 'Write',
    label: 'Replace everywhere',
    keys: ['R'],
    run:
      ({ chosen }) =>
      () =>
        panels().set({ replace: chosen ? bare(chosen.text) : '' }),
  },
  {
    id: 'addCue',
    group: 'Write',
    label: 'Add a cue in the next rest',
    keys: ['Insert', 'Shift A'],
    run: ({ track, cueIndex }) => {
      const next = track.cues.find((c, i) => i > cueIndex && c.restMs > 0);
      const end = track.cues[track.cues.length - 1]?.hideMs ?? 0;
      const { durationMs } = player();
      if (next) return () => selection().typeInRest(next.showMs - next.restMs, next.showMs);
      return durationMs - end >= ROOM_MS ? () => selection().typeInRest(end, durationMs) : null;
    },
  },
  {
    id: 'delete',
    group: 'Write',
    label: 'Delete what is selected',
    keys: ['Delete', 'Backspace'],
    run: ({ chosen, cues, change }) => {
      const kind = selection().selected.kind;
      if (chosen) return () => change({ kind: 'dropWords', wordIds: [chosen.id] });
      return kind === 'cue' || kind === 'run'
        ? () => change({ kind: 'deleteCues', cueIds: cues.map((c) => c.id) })
        : null;
    },
  },

  {
    id: 'split',
    group: 'Break',
    label: 'Split the cue before the word',
    keys: ['B'],
    run: ({ chosen, change }) => (chosen ? () => change({ kind: 'splitCue', wordId: chosen.id }) : null),
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
    run: ({ cue, chosen, change }) =>
      cue ? () => change({ kind: 'moveWord', wordId: (chosen ?? cue.words[0]).id, toNext: false }) : null,
  },
  {
    id: 'sendOn',
    group: 'Break',
    label: 'Send the last word to the next cue',
    keys: ['Shift →'],
    run: ({ cue, chosen, change }) =>
      cue
        ? () =>
            change({ kind: 'moveWord', wordId: (chosen ?? cue.words[cue.words.length - 1]).id, toNext: true })
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

  {
    id: 'lens',
    group: 'Time',
    label: 'Open or close the lens',
    keys: ['T'],
    run: () => () => panels().set({ lens: !panels().lens }),
  },
  { id: 'in', group: 'Time', label: 'Start at the playhead', keys: ['I'], run: (h) => setTime(h, 'start') },
  { id: 'out', group: 'Time', label: 'End at the playhead', keys: ['O'], run: (h) => setTime(h, 'end') },
  {
    id: 'nudgeBack',
    group: 'Time',
    label: 'A frame earlier',
    keys: ['['],
    run: (h) => nudge(h, -player().frameMs),
  },
  {
    id: 'nudgeOn',
    group: 'Time',
    label: 'A frame later',
    keys: [']'],
    run: (h) => nudge(h, player().frameMs),
  },
  {
    id: 'nudgeBackFine',
    group: 'Time',
    label: '10 ms earlier',
    keys: ['{'],
    run: (h) => nudge(h, -NUDGE_MS),
  },
  { id: 'nudgeOnFine', group: 'Time', label: '10 ms later', keys: ['}'], run: (h) => nudge(h, NUDGE_MS) },
  {
    id: 'lock',
    group: 'Time',
    label: 'Lock or unlock',
    keys: ['X'],
    run: ({ cues, change }) =>
      cues.length > 0
        ? () => change({ kind: 'lock', cueIds: cues.map((c) => c.id), locked: !cues.every((c) => c.locked) })
        : null,
  },

  {
    id: 'undo',
    group: 'Step',
    label: 'Undo',
    keys: ['Ctrl Z'],
    run: ({ track, change }) => (track.undo ? () => change({ kind: 'undo' }) : null),
  },
  {
    id: 'redo',
    group: 'Step',
    label: 'Redo',
    keys: ['Ctrl Shift Z', 'Ctrl Y'],
    run: ({ track, change }) => (track.redo ? () => change({ kind: 'redo' }) : null),
  },
  {
    id: 'history',
    group: 'Step',
    label: 'The history',
    keys: ['H'],
    run: () => () => panels().set({ history: !panels().history }),
  },
  ...['Words', 'Breaks', 'Style', 'Render'].map((label, i): Action => ({
    id: `step${label}`,
    group: 'Step',
    label: `Go to ${label}`,
    keys: [String(i + 1)],
    run: () => () => stepLink(label)?.click(),
  })),
  {
    id: 'keys',
    group: 'Step',
    label: 'These keys',
    keys: ['?'],
    run: () => () => panels().set({ keys: true }),
  },
];

/** The keys of an action: chosen ones, else those it ships with. */
export const keysOf = (action: Action, chosen: Record<string, string[]>) => chosen[action.id] ?? action.keys;

export const actionNamed = (id: string) => ACTIONS.find((a) => a.id === id)!;
