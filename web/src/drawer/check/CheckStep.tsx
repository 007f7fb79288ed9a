import { useEffect, useRef } from 'react';
import { useChange } from '../../api/changes';
import { useCheckKinds, useMendAll } from '../../api/checks';
import { useMeasure } from '../../api/jobs';
import type { Clip, Edit, Job, Track } from '../../api/types';
import { findings } from '../../state/findings';
import { MainButton, QuietButton, Section } from '../../ui/parts';
import { JobLine } from '../JobLine';
import { CalmPart } from './CalmPart';
import { FindingsOfKind } from './FindingsOfKind';
import { LimitsPart } from './LimitsPart';
import { StandPart } from './StandPart';
import { mendableOf } from './mendable';
import { usePanels } from '../../state/panels';

/** Findings by kind, each with its remedies. */
export function CheckStep({ clip, track, jobs }: { clip: Clip; track: Track; jobs: Job[] }) {
  const kinds = useCheckKinds().data ?? [];
  const found = findings.use(clip.id, (f) => f.found);
  const open = findings.use(clip.id, (f) => f.open);
  const mend = useMendAll(clip.id);
  const change = useChange(clip.id);
  const measure = useMeasure(clip.id);
  const measuring = jobs.find((j) => j.kind === 'MEASURE' && j.open);
  const failed = jobs.find((j) => j.kind === 'MEASURE')?.state === 'FAILED';
  const asked = useRef('');
  const wants = found !== null && !found.picture && !measuring && !failed && clip.prepared;
  const order = measure.mutate;
  useEffect(() => {
    // Once for each clip: what was measured is kept.
    if (wants && asked.current !== clip.id) {
      asked.current = clip.id;
      order();
    }
  }, [wants, clip.id, order]);
  if (!found) return <p className="text-note text-soft">Checking</p>;
  const looked = kinds.filter((k) => (!k.ofVoice || found.voice) && (!k.ofPicture || found.picture));
  const safe = open.filter((f) => !kinds.find((k) => k.kind === f.kind)?.oneByOne);
  const mendable = mendableOf(safe);
  return (
    <>
      <Section
        title={
          open.length === 0
            ? measuring || wants
              ? 'Looking at the picture'
              : 'No findings'
            : open.length === 1
              ? '1 finding'
              : `${open.length} findings`
        }
      >
        {measuring && (
          <div className="mb-3">
            <JobLine job={measuring} what="Measuring picture and voice" />
          </div>
        )}
        {!measuring && open.length === 0 && (
          <p className="mb-3 text-note text-soft">
            Checked {track.cues.length} cues for {looked.length} kinds of mistakes. Found none.
          </p>
        )}
        {!measuring && (failed || found.unheard > 0 || (!found.voice && clip.sounds > 0)) && (
          <div className="mb-3">
            <p className="mb-2 text-note text-soft">
              {failed
                ? `It could not be measured: ${jobs.find((j) => j.kind === 'MEASURE')?.message ?? ''}`
                : found.voice
                  ? `${found.unheard} ${found.unheard === 1 ? 'word has' : 'words have'} changed since the voice was measured.`
                  : 'The voice was not measured: late and early cues are not looked for. That takes English speech and words.'}
            </p>
            <QuietButton onClick={() => measure.mutate()}>Measure again</QuietButton>
          </div>
        )}
        {found.shared && (
          <div className="mb-3">
            <MainButton onClick={() => change.mutate(found.shared!.edit as Edit)}>
              Mend {found.shared.mends} with one change
            </MainButton>
            <p className="mt-2 text-note text-soft">For the whole track: {found.shared.said}.</p>
          </div>
        )}
        {mendable > 1 && found.shared && (
          <QuietButton disabled={mend.isPending} onClick={() => mend.mutate(undefined)}>
            Mend all {mendable}
          </QuietButton>
        )}
        {mendable > 1 && !found.shared && (
          <MainButton disabled={mend.isPending} onClick={() => mend.mutate(undefined)}>
            Mend all {mendable}
          </MainButton>
        )}
        {mendable < open.length && mendable > 1 && (
          <p className="mt-2 text-note text-soft">
            {open.length - mendable} {open.length - mendable === 1 ? 'needs' : 'need'} your eye or ear.
          </p>
        )}
        <div className="mt-3">
          <QuietButton hint="G" onClick={() => usePanels.getState().set({ preview: true })}>
            Preview of the whole
          </QuietButton>
        </div>
      </Section>
      {kinds
        .filter((kind) => open.some((f) => f.kind === kind.kind))
        .map((kind) => (
          <FindingsOfKind
            key={kind.kind}
            clip={clip}
            track={track}
            kind={kind}
            findings={open.filter((f) => f.kind === kind.kind)}
          />
        ))}
      <CalmPart clip={clip} track={track} measured={found.picture} />
      <StandPart clip={clip} track={track} kinds={kinds} />
      <LimitsPart clip={clip} kinds={kinds} looked={looked} />
    </>
  );
}
