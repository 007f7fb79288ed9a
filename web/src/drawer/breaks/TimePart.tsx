import { useState } from 'react';
import { usePreview } from '../../api/proof';
import { useChange } from '../../api/changes';
import type { Clip, Cue, Edit, Track } from '../../api/types';
import { exact, readTime } from '../../player/time';
import { usePlayer } from '../../player/player';
import { Field } from '../../ui/Field';
import { Section } from '../../ui/parts';
import { MovePart } from './MovePart';

/** Display times of the track or of the selected cues: each control shows its effect before it is used. */
export function TimePart(props: { clip: Clip; track: Track; cues: Cue[]; said: string }) {
  const { clip, track, cues, said } = props;
  const [gap, setGap] = useState(400);
  const [least, setLeast] = useState(700);
  if (track.cues.length === 0) return null;
  const cueIds = cues.length > 0 ? cues.map((c) => c.id) : undefined;
  return (
    <Section title={`Time of ${said}`}>
      <div className="space-y-1.5">
        <Doing
          clip={clip}
          track={track}
          label="Bridge up to"
          edit={{ kind: 'bridgeGaps', cueIds, upToMs: gap }}
        >
          <Ms label="Longest gap that is bridged" value={gap} set={setGap} />
        </Doing>
        <Doing clip={clip} track={track} label="Trim to speech" edit={{ kind: 'trimToSpeech', cueIds }} />
        <Doing
          clip={clip}
          track={track}
          label="Show at least"
          edit={{ kind: 'holdAtLeast', cueIds, leastMs: least }}
        >
          <Ms label="Minimum time that a cue is shown" value={least} set={setLeast} />
        </Doing>
      </div>
      {cues.length > 0 && <Stretch clip={clip} cues={cues} key={cues[0].id} />}
      <MovePart clip={clip} track={track} cues={cues} />
    </Section>
  );
}

function Doing(props: { clip: Clip; track: Track; label: string; edit: Edit; children?: React.ReactNode }) {
  const { clip, track, label, edit, children } = props;
  const preview = usePreview(clip.id, track.version, edit);
  const change = useChange(clip.id);
  const count = preview.data?.cues ?? 0;
  return (
    <div className="flex items-center gap-2">
      <button
        disabled={count === 0}
        onClick={() => change.mutate(edit)}
        title={preview.data?.refusal}
        className="flex min-w-0 flex-1 items-center justify-between gap-2 rounded-full border border-rule px-3.5 py-1.5 text-left hover:border-ink disabled:opacity-45 disabled:hover:border-rule"
      >
        <span className="whitespace-nowrap">{label}</span>
        <span className="flex-none text-tiny text-soft">
          {count === 0 ? 'nothing' : `${count} ${count === 1 ? 'cue' : 'cues'}`}
        </span>
      </button>
      {children}
    </div>
  );
}

function Ms({ label, value, set }: { label: string; value: number; set: (ms: number) => void }) {
  return (
    <span className="flex flex-none items-center gap-1 text-note text-soft">
      <Field
        label={label}
        inputMode="numeric"
        shown={String(value)}
        take={(typed) => {
          const ms = Number(typed.replace(',', '.'));
          if (typed === '' || !Number.isFinite(ms))
            return `“${typed}” is not a number. It stays ${value} ms.`;
          const within = Math.max(1, Math.min(60_000, Math.round(ms)));
          set(within);
          if (within !== Math.round(ms)) return `1 to 60000 ms: it is ${within} ms now.`;
        }}
        className="w-14 field px-1 py-1 text-right text-ink"
      />
      ms
    </span>
  );
}

/** The selected cues are made to fit a stretch. */
function Stretch({ clip, cues }: { clip: Clip; cues: Cue[] }) {
  const change = useChange(clip.id);
  const frameMs = usePlayer((s) => s.frameMs);
  const last = cues[cues.length - 1];
  const words = [cues[0].words[0].startMs, last.words[last.words.length - 1].endMs];
  const [from, setFrom] = useState(exact(words[0]));
  const [to, setTo] = useState(exact(words[1]));
  const start = readTime(from, frameMs);
  const end = readTime(to, frameMs);
  const field = 'w-20 rounded-md border border-rule bg-paper px-1.5 py-1 text-center';
  return (
    <div className="mt-3 flex items-center gap-1.5 text-note">
      <input
        aria-label="Stretch from"
        value={from}
        onChange={(e) => setFrom(e.target.value)}
        className={field}
      />
      <span className="text-soft">to</span>
      <input aria-label="Stretch to" value={to} onChange={(e) => setTo(e.target.value)} className={field} />
      <button
        className="ml-auto rounded-full border border-rule px-3 py-1 hover:border-ink disabled:opacity-40"
        disabled={start === null || end === null || (start === words[0] && end === words[1])}
        onClick={() =>
          start !== null &&
          end !== null &&
          change.mutate({ kind: 'stretchCues', cueIds: cues.map((c) => c.id), startMs: start, endMs: end })
        }
      >
        Stretch
      </button>
    </div>
  );
}
