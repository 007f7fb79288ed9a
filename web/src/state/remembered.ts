import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { How, Output } from '../api/types';

/** What was chosen for a clip and is no part of its track. */
export interface ClipChoices {
  how: How;
  outputs: Output['output'][];
  /** Language of the translation beside the words, and on the stage; null for none. */
  beside: string | null;
  onStage: string | null;
}

const FIRST: ClipChoices = { how: { quality: 'GOOD' }, outputs: ['BURNED'], beside: null, onStage: null };
const MOST_CLIPS = 60;

interface Remembered {
  /** By the clip's id, the newest last. */
  clips: Record<string, ClipChoices>;
  /** Part of the window that the stage takes, where the divider was dragged. */
  stage: { portrait?: number; wide?: number; below?: number };
  /** The score is below a wide picture, not beside it. */
  scoreBelow: boolean;
  /** Groups of the drawer that are open; those that are not in it are as they come. */
  open: Record<string, boolean>;
}

/** Choices that survive leaving a step, and a reload; this browser remembers them. */
export const useRemembered = create<Remembered>()(
  persist((): Remembered => ({ clips: {}, stage: {}, scoreBelow: true, open: {} }), {
    name: 'salt-drum remembered',
  }),
);

export const choicesOf = (clipId: string) => useRemembered.getState().clips[clipId] ?? FIRST;

export const useClipChoices = (clipId: string) => useRemembered((s) => s.clips[clipId] ?? FIRST);

export function remember(clipId: string, choices: Partial<ClipChoices>) {
  useRemembered.setState(({ clips: { [clipId]: before = FIRST, ...others } }) => ({
    clips: Object.fromEntries([
      ...Object.entries(others).slice(1 - MOST_CLIPS),
      [clipId, { ...before, ...choices }],
    ]),
  }));
}

/** Whether a group of the drawer is open, and how to open or close it. */
export function useOpen(group: string, first: boolean): [boolean, (open: boolean) => void] {
  const open = useRemembered((s) => s.open[group] ?? first);
  return [open, (to) => useRemembered.setState((s) => ({ open: { ...s.open, [group]: to } }))];
}
