import { useEffect, useState } from 'react';
import { useChange } from '../../api/changes';
import type { Clip, Cue, Track } from '../../api/types';
import { usePlayer } from '../../player/player';
import { Field } from '../../ui/Field';
import { OntoVoice } from './OntoVoice';
import { median } from './median';

const TAPS = 3;
/** The clip begins so long before the first word, so that the hand is ready. */
const AHEAD_MS = 1500;

/** Moves the whole track, or everything from the selected cue on: by a typed amount, by tapping along, or onto the voice. */
export function MovePart({ clip, track, cues }: { clip: Clip; track: Track; cues: Cue[] }) {
  const change = useChange(clip.id);
  const frameMs = usePlayer((s) => s.frameMs);
  const [unit, setUnit] = useState<'ms' | 'frames'>('ms');
  const [amount, setAmount] = useState(100);
  const first = cues[0] ?? track.cues[0];
  const moved = track.cues.length - track.cues.findIndex((cue) => cue.id === first.id);
  const byMs = Math.round(unit === 'ms' ? amount : amount * frameMs);
  const move = (ms: number) => change.mutate({ kind: 'shiftAfter', cueId: first.id, byMs: ms });
  return (
    <div className="mt-4 space-y-2 text-note" role="group" aria-label="Move">
      <p className="text-soft">
        {moved === track.cues.length
          ? `Move the whole track: ${moved} cues`
          : `Move this cue and the ${moved - 1} after it`}
      </p>
      <div className="flex items-center gap-1.5">
        <Field
          label="Move by"
          inputMode="decimal"
          shown={String(amount)}
          take={(typed) => {
            const value = Number(typed.replace(',', '.').replace('−', '-'));
            if (typed === '' || !Number.isFinite(value)) {
              return `“${typed}” is not a number. It stays ${amount}.`;
            }
            setAmount(unit === 'ms' ? Math.round(value) : value);
          }}
          className="field w-16 px-1.5 py-1 text-right"
        />
        <select
          aria-label="Unit of the move"
          value={unit}
          onChange={(e) => setUnit(e.target.value as 'ms' | 'frames')}
          className="field px-1.5 py-1"
        >
          <option value="ms">ms</option>
          <option value="frames">frames</option>
        </select>
      </div>
      <div className="flex items-center gap-1.5">
        <button
          disabled={byMs === 0}
          onClick={() => move(-byMs)}
          className="flex-1 rounded-full border border-rule px-2.5 py-1 hover:border-ink disabled:opacity-40"
        >
          Earlier
        </button>
        <button
          disabled={byMs === 0}
          onClick={() => move(byMs)}
          className="flex-1 rounded-full border border-rule px-2.5 py-1 hover:border-ink disabled:opacity-40"
        >
          Later
        </button>
      </div>
      <Tapping key={first.id} first={first} move={move} />
      <OntoVoice clip={clip} track={track} first={first} move={move} />
    </div>
  );
}

/** The clip is played up to the first word three times; a tap says when it is heard. */
function Tapping({ first, move }: { first: Cue; move: (ms: number) => void }) {
  const word = first.words[0];
  const [taps, setTaps] = useState<number[] | null>(null);
  const listening = taps !== null && taps.length < TAPS;
  const round = taps?.length ?? 0;
  useEffect(() => {
    if (listening) usePlayer.getState().play(Math.max(0, word.startMs - AHEAD_MS), word.startMs + AHEAD_MS);
  }, [listening, round, word.startMs]);
  const off = taps && !listening ? Math.round(median(taps)) : null;
  return (
    <div className="flex items-center gap-1.5">
      {taps === null && (
        <button
          onClick={() => setTaps([])}
          className="text-accent hover:underline"
          title={`The clip is played up to “${word.text}” three times: tap when you hear it`}
        >
          Tap along instead
        </button>
      )}
      {listening && (
        <button
          onClick={() => setTaps([...taps, usePlayer.getState().timeMs - word.startMs])}
          className="w-full rounded-lg bg-accent px-3 py-2.5 font-medium text-on-accent"
        >
          Tap when you hear “{word.text}”: {TAPS - taps.length} more
        </button>
      )}
      {off !== null && (
        <>
          <span className="flex-1 text-soft">
            {off === 0 ? 'It is in time' : `It is heard ${Math.abs(off)} ms ${off > 0 ? 'later' : 'earlier'}`}
          </span>
          <button onClick={() => setTaps([])} className="text-soft hover:text-ink">
            Again
          </button>
          <button
            disabled={off === 0}
            onClick={() => {
              setTaps(null);
              move(off);
            }}
            className="rounded-full border border-rule px-2.5 py-1 hover:border-ink disabled:opacity-40"
          >
            Move it there
          </button>
        </>
      )}
    </div>
  );
}
