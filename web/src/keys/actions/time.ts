import { player, panels, type Action } from './action';
import type { Hand } from '../hand';

const NUDGE_MS = 10;

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

/** When words and cues show. */
export const TIME: Action[] = [
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
];
