import { useChange } from '../api/changes';
import type { Clip, Cue, Edit } from '../api/types';
import { exact } from '../player/time';
import { TimeField } from '../ui/TimeField';
import { useSelection } from '../state/selection';

/** Start and end of the word in hand and of the cue, to be typed or taken from the playhead. */
export function LensFields({ clip, cue }: { clip: Clip; cue: Cue }) {
  const { mutate, mutateAsync } = useChange(clip.id);
  const wordId = useSelection((s) => (s.selected.kind === 'word' ? s.selected.id : null));
  const word = cue.words.find((w) => w.id === wordId);
  /** Says what became of a typed time; a refusal is a notice already. */
  const typed = async (edit: Edit, asked: number, now: (cue: Cue) => number | undefined) => {
    const track = await mutateAsync(edit).catch(() => null);
    const after = track?.cues.find((c) => c.id === cue.id);
    const became = after && now(after);
    if (became !== undefined && became !== asked)
      return `${exact(asked)} is beyond what is beside it: it is ${exact(became)} now.`;
  };
  const setWord = (asked: number, which: 'startMs' | 'endMs') =>
    word &&
    typed(
      { kind: 'retimeWord', wordId: word.id, startMs: word.startMs, endMs: word.endMs, [which]: asked },
      asked,
      (c) => c.words.find((w) => w.id === word.id)?.[which],
    );
  const setCue = (asked: number, which: 'showMs' | 'hideMs') =>
    typed({ kind: 'setCueTime', cueId: cue.id, [which]: asked }, asked, (c) => c[which]);
  return (
    <div className="mt-2 flex flex-wrap items-center gap-x-3 gap-y-1.5 text-note">
      {word && (
        <span className="flex items-center gap-1.5">
          <span className="max-w-16 truncate font-medium text-accent">{word.text}</span>
          <TimeField label={`Start of ${word.text}`} ms={word.startMs} set={(ms) => setWord(ms, 'startMs')} />
          <TimeField label={`End of ${word.text}`} ms={word.endMs} set={(ms) => setWord(ms, 'endMs')} />
        </span>
      )}
      <span className="flex items-center gap-1.5">
        <span className="text-soft">cue</span>
        <TimeField label="The cue shows at" ms={cue.showMs} set={(ms) => setCue(ms, 'showMs')} />
        <TimeField label="The cue goes at" ms={cue.hideMs} set={(ms) => setCue(ms, 'hideMs')} />
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
