import { selection, nextFrom, type Action } from './action';
import { goTo, nextFinding } from '../../state/findings';
import { doubtful } from '../../api/speakers';
import { misspelt } from '../../state/spelling';
import type { Hand } from '../hand';

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

function goFinding({ clipId, track }: Hand, by: 1 | -1) {
  const next = nextFinding(clipId, by);
  return (
    next &&
    (() =>
      goTo(
        next,
        track.headlines.map((one) => one.id),
      ))
  );
}

/** Select words and cues. */
export const GO: Action[] = [
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
    run: (h) => nextFrom(h, (id) => misspelt.now(h.clipId).has(id)),
  },
  {
    id: 'doubtfulTurn',
    group: 'Go',
    label: 'Next turn of whose speaker there is doubt',
    keys: ['Shift W'],
    run: (h) => nextFrom(h, (id) => doubtful.now(h.clipId).has(id)),
  },
  {
    id: 'finding',
    group: 'Go',
    label: 'Next finding',
    keys: ['F'],
    run: (h) => goFinding(h, 1),
  },
  {
    id: 'findingBefore',
    group: 'Go',
    label: 'Finding before',
    keys: ['Shift F'],
    run: (h) => goFinding(h, -1),
  },
  {
    id: 'none',
    group: 'Go',
    label: 'Nothing selected',
    keys: ['Esc'],
    run: () => () => selection().select({ kind: 'none' }),
  },
];
