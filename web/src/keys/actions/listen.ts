import { panels, player, type Action } from './action';

const SECOND_MS = 1000;

/** Play, pause and move the playhead. */
export const LISTEN: Action[] = [
  { id: 'play', group: 'Listen', label: 'Play or pause', keys: ['Space'], run: () => player().toggle },
  {
    id: 'captions',
    group: 'Listen',
    label: 'Captions off or on',
    keys: ['D'],
    run: () => () => panels().set({ captions: !panels().captions }),
  },
  {
    id: 'zones',
    group: 'Listen',
    label: 'Safe areas off or on',
    keys: ['Z'],
    run: () => () => panels().set({ zones: !panels().zones }),
  },
  {
    id: 'preview',
    group: 'Listen',
    label: 'Preview of the whole',
    keys: ['G'],
    run: () => () => panels().set({ preview: !panels().preview }),
  },
  { id: 'mute', group: 'Listen', label: 'Sound off or on', keys: ['M'], run: () => player().mute },
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
];
