import { Check, X } from 'lucide-react';
import { useChange } from '../api/changes';
import type { Unscripted } from '../api/types';
import { usePlayer } from '../player/player';
import { stamp } from '../player/time';
import { Groove } from './Groove';

/** Speech that the script lacks, at its time: play it, add it or leave it out. */
export function UnscriptedRow(props: { clipId: string; piece: Unscripted; peaks: Uint8Array | undefined }) {
  const { clipId, piece, peaks } = props;
  const change = useChange(clipId);
  const { play } = usePlayer.getState();
  return (
    <div
      role="group"
      aria-label={`Not in the script, at ${stamp(piece.startMs)}`}
      className="my-1 flex items-center gap-3 rounded-lg border border-dashed border-rule py-1.5 pr-3 pl-3"
    >
      <span className="w-[52px] flex-none text-right text-note text-soft">{stamp(piece.startMs)}</span>
      <button
        onClick={() => play(piece.startMs, piece.endMs)}
        aria-label="Play it"
        title="Play it"
        className="w-16 flex-none text-groove hover:text-accent"
      >
        <Groove peaks={peaks} startMs={piece.startMs} endMs={piece.endMs} />
      </button>
      <span className="min-w-0 flex-1 text-note text-soft">
        {piece.text && <em className="block text-beside leading-snug text-ink">{piece.text}</em>}
        Not in the script
      </span>
      <button
        onClick={() => change.mutate({ kind: 'acceptUnscripted', ids: [piece.id] })}
        className="flex items-center gap-1 rounded-md px-2 py-1 text-note text-accent hover:bg-sunk"
      >
        <Check size={14} /> Take in
      </button>
      <button
        onClick={() => change.mutate({ kind: 'dropUnscripted', ids: [piece.id] })}
        className="flex items-center gap-1 rounded-md px-2 py-1 text-note text-soft hover:bg-sunk hover:text-ink"
      >
        <X size={14} /> Leave out
      </button>
    </div>
  );
}
