import { Download, Save, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useMotions, useMotionSample, usePutMotionAway, useSaveMotion } from '../../api/motions';
import { styleFile } from '../../api/styles';
import type { Clip, Look, LookView, Motion, Track } from '../../api/types';
import type { LookChange } from '../../state/useLookChange';
import { SampleGround } from './SampleGround';

/** Saved motions, each with a sample of the clip's words, and saving the present one. */
export function MotionPart(props: {
  clip: Clip;
  track: Track;
  cueId: number;
  view: LookView;
  change: LookChange;
}) {
  const { clip, track, view, change } = props;
  const motions = useMotions().data ?? [];
  const inHand = motions.find((motion) => sameMotion(motion, view.look));
  return (
    <div className="mb-3 space-y-2.5">
      <div
        role="group"
        aria-label="Motions"
        className="grid max-h-[262px] grid-cols-2 gap-2 overflow-y-auto overscroll-contain"
      >
        {motions.map((motion) => (
          <MotionCard
            key={motion.name}
            clip={clip}
            motion={motion}
            cueId={props.cueId}
            of={`${track.version} ${motion.version}`}
            chosen={motion === inHand}
            onChoose={() => change.now(motion.look as Look)}
          />
        ))}
      </div>
      {inHand ? <Kept motion={inHand} /> : <Keep clipId={clip.id} />}
    </div>
  );
}

/** Whether a look has the same motion. */
function sameMotion(motion: Motion, look: Look): boolean {
  return Object.entries(motion.look).every(
    ([facet, value]) => JSON.stringify(value) === JSON.stringify(look[facet as keyof Look]),
  );
}

function MotionCard(props: {
  clip: Clip;
  motion: Motion;
  cueId: number;
  of: string;
  chosen: boolean;
  onChoose: () => void;
}) {
  const { motion } = props;
  const sample = useMotionSample(props.clip.id, motion.name, props.cueId, props.of);
  return (
    <button
      data-motion={motion.name}
      title={motion.about}
      aria-pressed={props.chosen}
      onClick={props.onChoose}
      className="block min-w-0 overflow-hidden rounded-lg bg-sunk text-left hover:bg-paper aria-pressed:bg-paper aria-pressed:outline-2 aria-pressed:-outline-offset-2 aria-pressed:outline-accent"
    >
      <SampleGround scene={sample.data} width={128} height={56} />
      <span className="block truncate px-2 py-1 text-tiny font-semibold">{motion.name}</span>
    </button>
  );
}

function Keep({ clipId }: { clipId: string }) {
  const save = useSaveMotion(clipId);
  const [name, setName] = useState('');
  return (
    <form
      className="flex gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (name.trim()) save.mutate(name.trim(), { onSuccess: () => setName('') });
      }}
    >
      <input
        aria-label="Name of the new motion"
        placeholder="Save the track’s motion as"
        value={name}
        maxLength={60}
        onChange={(e) => setName(e.target.value)}
        className="field min-w-0 flex-1 px-3 py-1"
      />
      <button
        disabled={!name.trim()}
        aria-label="Save this motion"
        title="Save this motion"
        className="rounded-full border border-rule px-3 hover:border-ink disabled:opacity-40"
      >
        <Save size={15} />
      </button>
    </form>
  );
}

function Kept({ motion }: { motion: Motion }) {
  const away = usePutMotionAway();
  return (
    <p className="flex items-center gap-2 text-note text-soft">
      <span className="min-w-0 flex-1">{motion.about || `“${motion.name}” is saved.`}</span>
      <a
        href={styleFile(motion.name, false)}
        download
        aria-label={`“${motion.name}” as a file`}
        title="As a file"
        className="rounded p-1 hover:bg-sunk hover:text-ink"
      >
        <Download size={15} />
      </a>
      {!motion.shipped && (
        <button
          aria-label={`Delete the motion ${motion.name}`}
          title="Out of the strip; clips keep how they move"
          onClick={() => away.mutate({ motion: motion.name, away: true })}
          className="rounded p-1 hover:bg-sunk hover:text-ink"
        >
          <Trash2 size={15} />
        </button>
      )}
    </p>
  );
}
