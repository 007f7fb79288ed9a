import { Plus } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { useChange } from '../api/changes';
import { usePlayer } from '../player/player';
import { useSelection } from '../state/selection';

/** A silence between cues, with its length; a new cue can be typed into it. */
export function RestRow({ clipId, fromMs, toMs }: { clipId: string; fromMs: number; toMs: number }) {
  const typing = useSelection((s) => s.typing && 'restFromMs' in s.typing && s.typing.restFromMs === fromMs);
  const seconds = ((toMs - fromMs) / 1000).toFixed(1);
  if (typing) return <NewCue clipId={clipId} fromMs={fromMs} toMs={toMs} />;
  return (
    <div
      className="group/rest flex h-7 items-center gap-3 pl-[79px] text-tiny whitespace-nowrap text-soft max-[699px]:pl-[60px] min-[700px]:@max-[400px]:pl-[60px]"
      aria-label={`Rest of ${seconds} seconds`}
      role="group"
    >
      <span className="h-px w-10 bg-rule" />
      <button
        tabIndex={-1}
        onClick={() => usePlayer.getState().seek(fromMs)}
        className="rounded hover:text-accent"
        aria-label={`Go to this rest of ${seconds} seconds`}
      >
        rest {seconds} s
      </button>
      <button
        onClick={() => useSelection.getState().typeInRest(fromMs, toMs)}
        className="flex items-center gap-1 rounded-md px-1.5 py-0.5 opacity-0 group-hover/rest:opacity-100 hover:bg-sunk hover:text-ink focus-visible:opacity-100"
      >
        <Plus size={13} /> Add a cue here
      </button>
    </div>
  );
}

function NewCue({ clipId, fromMs, toMs }: { clipId: string; fromMs: number; toMs: number }) {
  const field = useRef<HTMLInputElement>(null);
  const done = useRef(false);
  const { mutate } = useChange(clipId);
  useEffect(() => field.current!.focus(), []);
  const end = (keep: boolean) => {
    if (done.current) return;
    done.current = true;
    const text = field.current!.value.trim();
    useSelection.getState().endTyping();
    if (keep && text) mutate({ kind: 'addCue', fromMs: Math.round(fromMs), toMs: Math.round(toMs), text });
  };
  return (
    <div className="py-2 pr-[115px] pl-[79px] max-[699px]:px-[60px] min-[700px]:@max-[400px]:px-[60px]">
      <input
        ref={field}
        aria-label="Text of the new cue"
        placeholder="What is to be read here"
        onBlur={() => end(true)}
        onKeyDown={(e) => {
          if (e.key === 'Enter') end(true);
          if (e.key === 'Escape') end(false);
        }}
        className="w-full rounded-md bg-page px-1.5 py-0.5 text-score outline-2 outline-accent placeholder:text-soft"
      />
    </div>
  );
}
