import { X } from 'lucide-react';
import type { Clip } from '../../api/types';
import { usePanels } from '../../state/panels';
import { usePlayer } from '../../player/player';
import { TimeField } from '../../ui/TimeField';

/** The whole clip, or a part of it: typed, set at the playhead, or drawn on the rail with Alt. */
export function RangePart({ clip }: { clip: Clip }) {
  const range = usePanels((s) => s.range);
  const set = (fromMs: number, toMs: number) =>
    usePanels.getState().set({
      range: { fromMs: Math.max(0, Math.min(fromMs, toMs - 100)), toMs: Math.min(clip.durationMs, toMs) },
    });
  if (!range) {
    return (
      <p className="flex items-center justify-between text-note text-soft">
        <span>Over the whole clip</span>
        <button
          onClick={() => {
            const from = usePlayer.getState().timeMs;
            set(from < clip.durationMs - 1000 ? from : 0, clip.durationMs);
          }}
          title="Or drag on the rail with Alt held"
          className="text-accent hover:underline"
        >
          Only a part
        </button>
      </p>
    );
  }
  return (
    <div role="group" aria-label="Part of the clip" className="flex items-center gap-2 text-note text-soft">
      <span>From</span>
      <Time label="From" ms={range.fromMs} onSet={(ms) => set(ms, range.toMs)} />
      <span>to</span>
      <Time label="To" ms={range.toMs} onSet={(ms) => set(range.fromMs, ms)} />
      <button
        onClick={() => usePanels.getState().set({ range: null })}
        aria-label="The whole clip again"
        title="The whole clip again"
        className="rounded-md p-1 hover:bg-sunk hover:text-ink"
      >
        <X size={15} />
      </button>
    </div>
  );
}

function Time(props: { label: string; ms: number; onSet: (ms: number) => void }) {
  return (
    <TimeField
      label={props.label}
      ms={props.ms}
      set={props.onSet}
      // I and O take the playhead.
      onKey={(e) => {
        if (!/^[io]$/i.test(e.key)) return false;
        props.onSet(usePlayer.getState().timeMs);
        return true;
      }}
    />
  );
}
