import { selection, panels, nextFrom, type Action } from './action';
import { readingsNow } from '../../api/hearing';
import { bare } from '../../state/bare';

/** Type, confirm, replace, delete. */
export const WRITE: Action[] = [
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
  ...[1, 2, 3, 4].map((n): Action => ({
    id: `role${n}`,
    group: 'Write',
    label: `Emphasise the word as role ${n}`,
    keys: [`Shift ${n}`],
    run: ({ spoken, change }) =>
      spoken && spoken.emphasis !== n
        ? () => change({ kind: 'setEmphasis', wordIds: [spoken.id], emphasis: n })
        : null,
  })),
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
      if (next) return () => selection().typeInRest(next.showMs - next.restMs, next.showMs);
      return track.endRestMs > 0 ? () => selection().typeInRest(end, end + track.endRestMs) : null;
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
];
