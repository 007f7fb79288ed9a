import type { FC } from 'react';
import type { Clip, Job, Track } from '../api/types';
import { usePanels } from '../state/panels';
import type { StepName } from '../state/steps';
import { BreaksStep } from './breaks/BreaksStep';
import { CheckStep } from './check/CheckStep';
import { FrameStep } from './frame/FrameStep';
import { RenderStep } from './render/RenderStep';
import { StyleStep } from './style/StyleStep';
import { WordsStep } from './words/WordsStep';

const PARTS: Record<StepName, FC<{ clip: Clip; track: Track; jobs: Job[] }>> = {
  words: WordsStep,
  breaks: BreaksStep,
  frame: FrameStep,
  style: StyleStep,
  check: CheckStep,
  render: RenderStep,
};

/** Controls of the present step and of the selection. */
export function Drawer(props: { clip: Clip; track: Track; step: StepName; jobs: Job[] }) {
  const Part = PARTS[props.step];
  const turn = usePanels((s) => s.turn);
  return (
    <aside
      aria-label="Drawer"
      className={`w-(--drawer) flex-none overflow-y-auto border-l border-rule px-5 py-5 ${
        turn === 'drawer' ? 'max-[699px]:w-auto max-[699px]:flex-1' : 'max-[699px]:hidden'
      }`}
    >
      <Part clip={props.clip} track={props.track} jobs={props.jobs} />
    </aside>
  );
}
