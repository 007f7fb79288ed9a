import { Flame } from 'lucide-react';
import { useState } from 'react';
import { useOrder } from '../../api/queries';
import type { Clip, Job, Track } from '../../api/types';
import { length } from '../../player/time';
import { JobLine } from '../JobLine';
import { MainButton, Section } from '../parts';
import { RenderCard } from './RenderCard';

const GRADES = [
  { label: 'Light', about: 'a small file for messages', crf: 26 },
  { label: 'Good', about: 'for every app', crf: 20 },
  { label: 'Fine', about: 'for an archive', crf: 15 },
];

/** Says in words what will be made, makes it, and keeps what was made. */
export function RenderStep({ clip, track, jobs }: { clip: Clip; track: Track; jobs: Job[] }) {
  const [grade, setGrade] = useState(GRADES[1]);
  const order = useOrder<{ preset: string; crf: number }>(`/api/clips/${clip.id}/renders`, clip.id);
  const renders = jobs.filter((j) => j.kind === 'RENDER');
  const words = track.cues.reduce((sum, c) => sum + c.words.length, 0);
  const rate = clip.variableRate
    ? 'the clip’s own frame times'
    : `${Math.round(clip.frameRate * 100) / 100} frames a second`;
  return (
    <>
      <Section title="What will be made">
        <p className="mb-4 leading-relaxed">
          A video of {track.output.width}×{track.output.height}, {length(clip.durationMs)} long, at {rate},
          H.264 in MP4.{' '}
          {words > 0 ? (
            <>
              <strong className="font-semibold">The captions are burned in</strong> in {track.style}: nobody
              can switch them off.
            </>
          ) : (
            <strong className="font-semibold text-accent">
              There are no words yet, so nothing would be burned in.
            </strong>
          )}{' '}
          {clip.sounds > 0 ? 'The sound is copied as it is.' : 'The clip has no sound.'}
        </p>
        <div role="radiogroup" aria-label="Quality" className="mb-4 flex rounded-full bg-sunk p-1">
          {GRADES.map((g) => (
            <button
              key={g.label}
              role="radio"
              aria-checked={g === grade}
              title={g.about}
              onClick={() => setGrade(g)}
              className={`flex-1 rounded-full py-1.5 ${g === grade ? 'bg-paper font-semibold shadow-sm' : 'text-soft hover:text-ink'}`}
            >
              {g.label}
            </button>
          ))}
        </div>
        <MainButton
          disabled={words === 0}
          onClick={() => order.mutate({ preset: 'veryfast', crf: grade.crf })}
        >
          <Flame size={16} /> Render
        </MainButton>
        <p className="mt-2 text-[13px] text-soft">It goes on when you close this window.</p>
      </Section>
      {renders.length > 0 && (
        <Section title="Renders">
          <ul className="space-y-3">
            {renders.map((job) => (
              <li key={job.id}>
                {['WAITING', 'RUNNING', 'STOPPING'].includes(job.state) ? (
                  <JobLine job={job} what="Burning the captions in" />
                ) : (
                  <RenderCard job={job} />
                )}
              </li>
            ))}
          </ul>
        </Section>
      )}
    </>
  );
}
