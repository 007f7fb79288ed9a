import { useState } from 'react';
import { useVoiceOffset } from '../../api/checks';
import { useJobs, useMeasure } from '../../api/jobs';
import type { Clip, Cue, Track } from '../../api/types';
import { JobLine } from '../JobLine';

/** Less than this is in time: about half a frame. */
const IN_TIME_MS = 15;

/** Moves by what the aligner measures, and says so before. */
export function OntoVoice(props: { clip: Clip; track: Track; first: Cue; move: (ms: number) => void }) {
  const { clip, track, first, move } = props;
  const [asked, setAsked] = useState(false);
  const measure = useMeasure(clip.id);
  const job = useJobs(clip.id).data?.find((one) => one.kind === 'MEASURE');
  const measuring = job?.open ? job : null;
  const offset = useVoiceOffset(
    clip.id,
    track.version,
    first.id,
    asked ? `${job?.id} ${job?.state}` : null,
  ).data;
  const again = (
    <button onClick={() => measure.mutate(undefined)} className="text-accent hover:underline">
      Measure the voice
    </button>
  );
  if (!asked) {
    return (
      <button
        onClick={() => setAsked(true)}
        className="text-accent hover:underline"
        title="By the median of what the words are off where they are heard"
      >
        Move it onto the voice
      </button>
    );
  }
  if (measuring) return <JobLine job={measuring} what="Measuring picture and voice" />;
  if (!offset) return <p className="text-soft">Comparing with the voice</p>;
  const { words, of, byMs, spreadMs } = offset;
  if (!offset.measured) {
    return (
      <div className="space-y-1">
        <p className="text-soft">
          {job === undefined
            ? 'The voice was not measured yet.'
            : 'The voice was not measured. It can be where the clip has a sound and words in a language that can be placed.'}
        </p>
        {again}
      </div>
    );
  }
  if (words === 0) {
    return (
      <div className="space-y-1">
        <p className="text-soft">None of these words was heard when the voice was measured.</p>
        {again}
      </div>
    );
  }
  const inTime = Math.abs(byMs) < IN_TIME_MS;
  return (
    <div role="status" className="space-y-1">
      <p className="text-soft">
        {words} of {of} words were heard, in the median{' '}
        {byMs === 0 ? 'just in time' : `${Math.abs(byMs)} ms ${byMs > 0 ? 'later' : 'earlier'}`}; half of them
        within {spreadMs} ms of that.
      </p>
      {inTime ? (
        <p>It is in time.</p>
      ) : (
        <button
          onClick={() => move(byMs)}
          className="rounded-full border border-rule px-2.5 py-1 hover:border-ink disabled:opacity-40"
        >
          Move it {Math.abs(byMs)} ms {byMs > 0 ? 'later' : 'earlier'}
        </button>
      )}
    </div>
  );
}
