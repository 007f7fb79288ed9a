import { panels, type Action } from './action';
import { STEPS, type StepName } from '../../state/steps';

const stepLink = (step: StepName) => document.querySelector<HTMLAnchorElement>(`a[data-step=${step}]`);

/** Undo, history, and the steps of the work. */
export const STEP: Action[] = [
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
  ...STEPS.map(({ step, label, key }): Action => ({
    id: `step${label}`,
    group: 'Step',
    label: `Go to ${label}`,
    keys: [key],
    run: () => () => stepLink(step)?.click(),
  })),
  {
    id: 'keys',
    group: 'Step',
    label: 'These keys',
    keys: ['?'],
    run: () => () => panels().set({ keys: true }),
  },
];
