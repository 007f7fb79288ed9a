import { useState } from 'react';
import { useChange } from '../api/queries';
import type { Clip, Cue } from '../api/types';
import { usePlayer } from '../player/player';
import { exact, readTime } from '../player/time';
import { useSelection } from '../state/selection';

/** Start and end of the word in hand and of the cue, to be typed or taken from the playhead. */
export function LensFields({ clip, cue }: { clip: Clip; cue: Cue }) {
  const { mutate } = useChange(clip.id);
  const wordId = useSelection((s) => (s.selected.kind === 'word' ? s.selected.id : null));
  const word = cue.words.find((w) => w.id === wordId);
  const setWord = (startMs: number, endMs: number) =>
    word && mutate({ kind: 'retimeWord', wordId: word.id, startMs, endMs });
  return (
    <div className="mt-2 flex flex-wrap items-center gap-x-3 gap-y-1.5 text-note">
      {word && (
        <span className="flex items-center gap-1.5">
          <span className="max-w-16 truncate font-medium text-accent">{word.text}</span>
          <TimeField label={`Start of ${word.text}`} ms={word.startMs} set={(t) => setWord(t, word.endMs)} />
          <TimeField label={`End of ${word.text}`} ms={word.endMs} set={(t) => setWord(word.startMs, t)} />
        </span>
      )}
      <span className="flex items-center gap-1.5">
        <span className="text-soft">cue</span>
        <TimeField
          label="The cue shows at"
          ms={cue.showMs}
          set={(showMs) => mutate({ kind: 'setCueTime', cueId: cue.id, showMs })}
        />
        <TimeField
          label="The cue goes at"
          ms={cue.hideMs}
          set={(hideMs) => mutate({ kind: 'setCueTime', cueId: cue.id, hideMs })}
        />
      </span>
      {cue.given && (
        <button
          onClick={() => mutate({ kind: 'setCueTime', cueId: cue.id, showMs: -1, hideMs: -1 })}
          className="text-accent hover:underline"
        >
          Follow the words again
        </button>
      )}
      <span className="w-full truncate text-tiny text-soft">
        Drag edges or names. Alt leaves a rest, Shift pushes, Ctrl snaps to nothing.
      </span>
    </div>
  );
}

function TimeField({ label, ms, set }: { label: string; ms: number; set: (ms: number) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const frameMs = usePlayer((s) => s.frameMs);
  const read = typed === null ? ms : readTime(typed, frameMs);
  const done = () => {
    if (typed !== null && read !== null && Math.round(read) !== ms) set(Math.round(read));
    setTyped(null);
  };
  return (
    <input
      aria-label={label}
      title={`${label}: m:ss.mmm, seconds, or frames such as 193f`}
      value={typed ?? exact(ms)}
      aria-invalid={read === null}
      onChange={(e) => setTyped(e.target.value)}
      onFocus={(e) => e.target.select()}
      onBlur={done}
      onKeyDown={(e) => {
        if (e.key === 'Enter') done();
        if (e.key === 'Escape') setTyped(null);
        e.stopPropagation();
      }}
      className={`w-[74px] rounded-md border bg-paper px-1.5 py-0.5 text-center ${read === null ? 'border-accent' : 'border-rule'}`}
    />
  );
}
