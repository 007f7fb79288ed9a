import { useChange } from '../api/changes';
import type { Clip, Cue } from '../api/types';
import { TimeField } from '../ui/TimeField';
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
