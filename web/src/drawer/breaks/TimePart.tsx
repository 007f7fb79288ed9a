import { useState } from 'react';
import { usePreview } from '../../api/proof';
import { useChange } from '../../api/changes';
import type { Clip, Cue, Edit, Track } from '../../api/types';
import { exact, readTime } from '../../player/time';
import { usePlayer } from '../../player/player';
import { Field } from '../../ui/Field';
import { Section } from '../../ui/parts';

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
      {cues.length > 0 && <Shift clip={clip} track={track} cues={cues} key={cues[0].id} />}
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

/** Everything from the first selected cue on is shifted, or the selected cues are made to fit a stretch. */
function Shift({ clip, track, cues }: { clip: Clip; track: Track; cues: Cue[] }) {
  const change = useChange(clip.id);
  const frameMs = usePlayer((s) => s.frameMs);
  const first = cues[0];
  const last = cues[cues.length - 1];
  const words = [first.words[0].startMs, last.words[last.words.length - 1].endMs];
  const [by, setBy] = useState('0.100');
  const [from, setFrom] = useState(exact(words[0]));
  const [to, setTo] = useState(exact(words[1]));
  const late = by.trim().startsWith('-') || by.trim().startsWith('−') ? -1 : 1;
  const shift = readTime(by.replace(/^\s*[-−+]/, ''), frameMs);
  const start = readTime(from, frameMs);
  const end = readTime(to, frameMs);
  const field = 'w-20 rounded-md border border-rule bg-paper px-1.5 py-1 text-center';
  const button = 'rounded-full border border-rule px-3 py-1 hover:border-ink disabled:opacity-40';
  const after = track.cues.length - track.cues.findIndex((c) => c.id === first.id);
  return (
    <div className="mt-3 space-y-2 text-note">
      <div className="flex items-center gap-2">
        <span className="flex-1 text-soft">This and the {after - 1} after it by</span>
        <input aria-label="Shift by" value={by} onChange={(e) => setBy(e.target.value)} className={field} />
        <button
          className={button}
          disabled={shift === null || shift === 0}
          onClick={() =>
            shift !== null && change.mutate({ kind: 'shiftAfter', cueId: first.id, byMs: late * shift })
          }
        >
          Shift
        </button>
      </div>
      <div className="flex items-center gap-1.5">
        <input
          aria-label="Stretch from"
          value={from}
          onChange={(e) => setFrom(e.target.value)}
          className={field}
        />
        <span className="text-soft">to</span>
        <input aria-label="Stretch to" value={to} onChange={(e) => setTo(e.target.value)} className={field} />
        <button
          className={`${button} ml-auto`}
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
    </div>
  );
}
