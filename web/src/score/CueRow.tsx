import { ArrowDownToLine, Lock, Pencil, Scissors } from 'lucide-react';
import { memo } from 'react';
import { useChange } from '../api/queries';
import type { Cue } from '../api/types';
import { IconButton } from '../bench/IconButton';
import { usePlayer } from '../player/player';
import { stamp } from '../player/time';
import { useSelection } from '../selection/selection';
import { CueText } from './CueText';
import { useLit } from './lit';
import { ScoreWord } from './ScoreWord';

/** One cue of the score: its time, its lines over their sound, its reading speed; its tools where the hand is. */
export const CueRow = memo(function CueRow(props: {
  clipId: string;
  cue: Cue;
  last: boolean;
  peaks: Uint8Array | undefined;
}) {
  const { clipId, cue, last, peaks } = props;
  const { restMs } = cue;
  const change = useChange(clipId);
  const shown = useLit((s) => s.cueId === cue.id);
  const selectedWord = useSelection((s) =>
    s.selected.kind === 'word' && cue.words.some((w) => w.id === (s.selected as { id: number }).id)
      ? s.selected.id
      : null,
  );
  const selected = useSelection((s) => s.selected.kind === 'cue' && s.selected.id === cue.id);
  const typing = useSelection((s) => (s.typing?.cueId === cue.id ? s.typing : null));
  const { select, type } = useSelection.getState();
  const lines = linesOf(cue);
  const here = selected || selectedWord !== null;
  const splitAt = selectedWord !== null && cue.words[0].id !== selectedWord ? selectedWord : null;
  return (
    <div>
      {restMs > 0 && (
        <div
          className="flex items-center gap-3 py-1 pl-[79px] text-xs text-soft"
          aria-label={`Rest of ${(restMs / 1000).toFixed(1)} seconds`}
        >
          <span className="h-px w-10 bg-rule" /> rest {(restMs / 1000).toFixed(1)} s
        </div>
      )}
      <div
        role="group"
        aria-label={`Cue at ${stamp(cue.showMs)}`}
        data-cue={cue.id}
        className={`group relative flex gap-3 rounded-lg py-2 pr-3 pl-3 ${shown || here ? 'bg-paper' : ''}`}
      >
        <span
          className={`absolute inset-y-2 left-0 w-[3px] rounded ${shown ? 'bg-accent' : here ? 'bg-rule' : ''}`}
        />
        <button
          onClick={() => {
            select({ kind: 'cue', id: cue.id });
            usePlayer.getState().seekWord(cue.words[0].startMs);
          }}
          tabIndex={-1}
          aria-label={`Cue at ${stamp(cue.showMs)}: select it`}
          className={`mt-[5px] h-6 w-[52px] flex-none rounded text-right text-[13px] hover:text-accent ${selected ? 'font-semibold text-accent' : 'text-soft'}`}
        >
          {stamp(cue.showMs)}
        </button>
        <div className="min-w-0 flex-1 text-[21px]">
          {typing ? (
            <CueText clipId={clipId} cue={cue} caretAt={typing.wordId} />
          ) : (
            lines.map((line) => (
              <div key={line[0].id} className="flex flex-wrap gap-x-[3px]">
                {line.map((word) => (
                  <ScoreWord key={word.id} word={word} cueId={cue.id} peaks={peaks} />
                ))}
              </div>
            ))
          )}
        </div>
        <div className="relative w-[100px] flex-none text-right">
          <span className={`mt-[7px] block text-xs text-soft ${here ? 'hidden' : 'group-hover:hidden'}`}>
            {cue.locked && <Lock size={12} className="mr-1.5 inline" aria-label="Locked" />}
            {cue.speed.toFixed(0)} c/s
          </span>
          <span
            className={`absolute -top-0.5 right-0 justify-end gap-0.5 rounded-md bg-paper ${here ? 'flex' : 'hidden group-hover:flex'}`}
          >
            <IconButton
              small
              label="Type in this cue"
              hint="Enter"
              onClick={() => type(cue.id, selectedWord)}
            >
              <Pencil size={15} />
            </IconButton>
            <IconButton
              small
              label="Split before the selected word"
              hint="B"
              disabled={splitAt === null}
              onClick={() => splitAt !== null && change.mutate({ kind: 'splitCue', wordId: splitAt })}
            >
              <Scissors size={15} />
            </IconButton>
            <IconButton
              small
              label="Join with the next cue"
              hint="N"
              disabled={last}
              onClick={() => change.mutate({ kind: 'joinCues', cueId: cue.id })}
            >
              <ArrowDownToLine size={15} />
            </IconButton>
          </span>
        </div>
      </div>
    </div>
  );
});

function linesOf(cue: Cue) {
  const starts = [0, ...cue.lineStarts];
  return starts.map((start, i) => cue.words.slice(start, starts[i + 1] ?? cue.words.length));
}
