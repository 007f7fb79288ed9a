import type { Clip, Job, Track } from '../api/types';
import { BreaksStep } from './breaks/BreaksStep';
import { RenderStep } from './render/RenderStep';
import { StyleStep } from './style/StyleStep';
import { WordsStep } from './words/WordsStep';

/** What belongs to the step in hand and to what is selected. */
export function Drawer({ clip, track, step, jobs }: { clip: Clip; track: Track; step: string; jobs: Job[] }) {
  return (
    <aside aria-label="Drawer" className="w-[304px] flex-none overflow-y-auto border-l border-rule px-5 py-5">
      {step === 'breaks' ? (
        <BreaksStep clip={clip} track={track} />
      ) : step === 'style' ? (
        <StyleStep clip={clip} track={track} />
      ) : step === 'render' ? (
        <RenderStep clip={clip} track={track} jobs={jobs} />
      ) : (
        <WordsStep clip={clip} track={track} jobs={jobs} />
      )}
    </aside>
  );
}
