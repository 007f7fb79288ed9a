import { Flame } from 'lucide-react';
import { Link } from 'react-router';
import { useEstimates, usePlaceOrder } from '../../api/orders';
import { useLanguages, useOutputs, useSizes } from '../../api/queries';
import type { Asked, Clip, How, Job, Output, Track } from '../../api/types';
import { findings } from '../../state/findings';
import { usePanels } from '../../state/panels';
import { length } from '../../player/time';
import { JobLine } from '../JobLine';
import { remember, useClipChoices } from '../../state/remembered';
import { settings } from '../../state/setting';
import { HowPart } from '../../orders/HowPart';
import { estimateSentence } from '../../orders/said';
import { usePlayer } from '../../player/player';
import { MainButton, Section, Tick } from '../../ui/parts';
import { FilesPart } from './FilesPart';
import { HandPart } from './HandPart';
import { RenderCard } from './RenderCard';
import { SincePart } from './SincePart';

/** Describes the output, renders it, and lists finished renders. */
export function RenderStep({ clip, track, jobs }: { clip: Clip; track: Track; jobs: Job[] }) {
  const { how, outputs: wanted } = useClipChoices(clip.id);
  const setHow = (to: How) => remember(clip.id, { how: to });
  const onStage = usePanels((s) => s.onStage);
  const languages = useLanguages();
  const language = languages.data?.find((l) => l.tag === onStage)?.name;
  const order = usePlaceOrder();
  const outputs = (useOutputs().data ?? []).filter((o) => clip.sounds > 0 || o.output !== 'SOUND');
  const chosen = new Set<Output['output']>(wanted);
  const shows = outputs.some((o) => o.captions && chosen.has(o.output));
  const open = findings.use(clip.id, (f) => f.open.length);
  const sizes = useSizes(clip.id, track.frame).data ?? [];
  const size = sizes.find((one) => one.shortSide === how.shortSide)?.size ?? track.layout.output;
  const asked: Asked = {
    clips: [clip.id],
    outputs: outputs.map((o) => o.output).filter((o) => chosen.has(o)),
    languages: [onStage ?? ''],
    how,
  };
  // What can be made at all is known a moment after the page is there.
  const some = outputs.some((o) => chosen.has(o.output));
  const told = estimateSentence(useEstimates(asked, some && track.cues.length > 0, track.frame).data);
  const renders = jobs.filter((j) => j.kind === 'RENDER');
  const lacking = settings.use(clip.id, (cues) => [...cues.values()].filter((c) => c.missing !== '').length);
  const words = track.cues.reduce((sum, c) => sum + c.words.length, 0);
  const rate = how.rate
    ? `${Math.round(how.rate * 100) / 100} frames a second`
    : clip.variableRate
      ? 'the clip’s own frame times'
      : `${Math.round(clip.frameRate * 100) / 100} frames a second`;
  return (
    <>
      <SincePart clipId={clip.id} version={track.version} jobs={renders} />
      <Section title="What will be made">
        <ul className="mb-4 divide-y divide-rule border-y border-rule">
          {outputs.map((output) => (
            <li key={output.output} className="py-1.5">
              <label className="flex items-baseline gap-2.5">
                <input
                  type="checkbox"
                  checked={chosen.has(output.output)}
                  onChange={(e) => {
                    const next = new Set(chosen);
                    if (e.target.checked) next.add(output.output);
                    else next.delete(output.output);
                    remember(clip.id, { outputs: [...next] });
                  }}
                  className="accent-accent"
                />
                <span className="flex-1">{output.label}</span>
                <span className="text-tiny text-soft">.{output.ending}</span>
              </label>
              {chosen.has(output.output) && output.output !== 'BURNED' && (
                <p className="pl-6 text-note text-soft">{output.said}</p>
              )}
            </li>
          ))}
        </ul>
        {chosen.has('BURNED') && (
          <p className="mb-4 leading-relaxed">
            A video of {size.width}×{size.height}, {length(clip.durationMs)} long, at {rate}, H.264 in MP4.{' '}
            {words > 0 ? (
              <>
                <strong className="font-semibold">
                  The {onStage ? `${language} ` : ''}captions are burned in
                </strong>{' '}
                with the style {track.style}: they cannot be switched off.
              </>
            ) : (
              <strong className="font-semibold text-accent">
                There are no words yet, so nothing would be burned in.
              </strong>
            )}{' '}
            {clip.soundInVideo}
          </p>
        )}
        {chosen.size > 0 && words > 0 && !shows && (
          <p className="mb-4 rounded-lg bg-tint p-3 font-medium">The captions would be in none of these.</p>
        )}
        {open > 0 && (
          <p className="mb-4 text-note">
            <Link to={`/clips/${clip.id}/check`} className="text-accent underline">
              {open === 1 ? 'One open finding' : `${open} open findings`}
            </Link>
            : look at {open === 1 ? 'it' : 'them'} before it goes out.
          </p>
        )}
        {lacking > 0 && (
          <p className="mb-4 rounded-lg bg-tint p-3">
            {lacking === 1 ? 'One cue has' : `${lacking} cues have`} characters that no typeface here has.
            They are left out: the score says which.
          </p>
        )}
        <HowPart
          how={how}
          onChange={setHow}
          sizes={sizes.map(({ shortSide, size }) => ({
            value: shortSide === undefined ? '' : String(shortSide),
            label: `${size.width}×${size.height}`,
          }))}
        />
        {clip.captionStreams.length > 0 && (
          <Tick
            className="mb-3"
            checked={how.keepCaptions === true}
            onChange={(on) => setHow({ ...how, keepCaptions: on })}
          >
            Keep the clip’s own caption {clip.captionStreams.length === 1 ? 'stream' : 'streams'} as well
          </Tick>
        )}
        <MainButton
          disabled={!some || (words === 0 && shows)}
          onClick={() => order.mutate({ ...asked, momentMs: Math.round(usePlayer.getState().timeMs) })}
        >
          <Flame size={16} /> {chosen.size > 1 ? `Render these ${chosen.size}` : 'Render'}
        </MainButton>
        <p className="mt-2 text-note text-soft" data-testid="estimate">
          {told && <>{told}. </>}It goes on when you close this window.
        </p>
        <p className="mt-2 text-note">
          <Link to={`/orders/new?clips=${clip.id}`} className="text-accent underline">
            Several styles, frames, languages or clips at once
          </Link>
        </p>
      </Section>
      {renders.length > 0 && (
        <Section title="Renders">
          <ul className="space-y-3">
            {renders.map((job) => (
              <li key={job.id}>
                {job.open ? (
                  <JobLine job={job} what={job.fileName ?? 'Rendering'} />
                ) : (
                  <RenderCard job={job} />
                )}
              </li>
            ))}
          </ul>
        </Section>
      )}
      <HandPart clip={clip} version={track.version} jobs={renders} />
      <FilesPart clip={clip} track={track} />
    </>
  );
}
