import { Flame } from 'lucide-react';
import { useState } from 'react';
import { useLanguages, useOrder, useQualities } from '../../api/queries';
import type { Clip, Job, Quality, RenderRequest, Track } from '../../api/types';
import { usePanels } from '../../state/panels';
import { length } from '../../player/time';
import { JobLine } from '../JobLine';
import { useSettings } from '../../state/setting';
import { Choice, MainButton, Section } from '../../ui/parts';
import { FilesPart } from './FilesPart';
import { RenderCard } from './RenderCard';

/** Says in words what will be made, makes it, and keeps what was made. */
export function RenderStep({ clip, track, jobs }: { clip: Clip; track: Track; jobs: Job[] }) {
  const [quality, setQuality] = useState<Quality['quality']>('GOOD');
  const qualities = useQualities();
  const [keep, setKeep] = useState(false);
  const onStage = usePanels((s) => s.onStage);
  const languages = useLanguages();
  const language = languages.data?.find((l) => l.tag === onStage)?.name;
  const order = useOrder<RenderRequest>(`/api/clips/${clip.id}/renders`, clip.id);
  const renders = jobs.filter((j) => j.kind === 'RENDER');
  const lacking = useSettings((s) => [...s.cues.values()].filter((c) => c.missing !== '').length);
  const words = track.cues.reduce((sum, c) => sum + c.words.length, 0);
  const rate = clip.variableRate
    ? 'the clip’s own frame times'
    : `${Math.round(clip.frameRate * 100) / 100} frames a second`;
  return (
    <>
      <Section title="What will be made">
        <p className="mb-4 leading-relaxed">
          A video of {track.layout.output.width}×{track.layout.output.height}, {length(clip.durationMs)} long,
          at {rate}, H.264 in MP4.{' '}
          {words > 0 ? (
            <>
              <strong className="font-semibold">
                The {onStage ? `${language} ` : ''}captions are burned in
              </strong>{' '}
              in {track.style}: nobody can switch them off.
            </>
          ) : (
            <strong className="font-semibold text-accent">
              There are no words yet, so nothing would be burned in.
            </strong>
          )}{' '}
          {clip.soundInVideo}
        </p>
        {lacking > 0 && (
          <p className="mb-4 rounded-lg bg-tint p-3">
            {lacking === 1 ? 'One cue has' : `${lacking} cues have`} characters that no typeface here has.
            They are left out: the score says which.
          </p>
        )}
        <div className="mb-4">
          <Choice
            label="Quality"
            options={qualities.data?.map((q) => ({ ...q, value: q.quality })) ?? []}
            value={quality}
            onChange={setQuality}
          />
        </div>
        {clip.captionStreams.length > 0 && (
          <label className="mb-3 flex items-center gap-2 text-note text-soft">
            <input
              type="checkbox"
              checked={keep}
              onChange={(e) => setKeep(e.target.checked)}
              className="accent-accent"
            />
            Keep the clip’s own caption {clip.captionStreams.length === 1 ? 'stream' : 'streams'} as well
          </label>
        )}
        <MainButton
          disabled={words === 0}
          onClick={() =>
            order.mutate({
              quality,
              keepCaptions: keep,
              language: onStage ?? undefined,
            })
          }
        >
          <Flame size={16} /> Render
        </MainButton>
        <p className="mt-2 text-note text-soft">It goes on when you close this window.</p>
      </Section>
      {renders.length > 0 && (
        <Section title="Renders">
          <ul className="space-y-3">
            {renders.map((job) => (
              <li key={job.id}>
                {job.open ? <JobLine job={job} what="Burning the captions in" /> : <RenderCard job={job} />}
              </li>
            ))}
          </ul>
        </Section>
      )}
      <FilesPart clip={clip} track={track} />
    </>
  );
}
