import { useEffect, useRef } from 'react';
import type { Clip, Track } from '../api/types';
import { usePanels } from '../state/panels';
import { usePlayer } from '../player/player';
import { openRemarks } from '../state/remarks';
import { findings } from '../state/findings';
import { chosenCues, useSelection } from '../state/selection';

const PEAKS_A_SECOND = 100;

/** The whole clip as one upright strip: its sound, its cues, the playhead. Click or drag to go there. */
export function Rail({ clip, track, peaks }: { clip: Clip; track: Track; peaks: Uint8Array | undefined }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const head = useRef<HTMLDivElement>(null);
  const selected = useSelection((s) => s.selected);
  const rangeFrom = useRef<number | null>(null);
  const partFrom = useRef<number | null>(null);
  const part = usePanels((s) => s.range);
  const open = findings.use(clip.id, (f) => f.open);
  const remarks = openRemarks.use(clip.id, (r) => r.open);
  const { seek } = usePlayer.getState();
  const { select } = useSelection.getState();

  useEffect(() => {
    const element = canvas.current!;
    const draw = () => {
      const density = window.devicePixelRatio || 1;
      const width = element.clientWidth;
      const height = element.clientHeight;
      element.width = width * density;
      element.height = height * density;
      const c = element.getContext('2d')!;
      c.scale(density, density);
      const css = getComputedStyle(element);
      const y = (ms: number) => (ms / clip.durationMs) * height;
      const sound = css.getPropertyValue('--groove');
      const ink = css.getPropertyValue('--ink');
      const accent = css.getPropertyValue('--accent');
      const chosen = new Set(chosenCues(track, selected).map((cue) => cue.id));
      c.fillStyle = sound;
      for (let py = 0; py < height && peaks; py += 2) {
        const from = Math.floor((py / height) * (clip.durationMs / 1000) * PEAKS_A_SECOND);
        const to = Math.max(
          from + 1,
          Math.floor(((py + 2) / height) * (clip.durationMs / 1000) * PEAKS_A_SECOND),
        );
        let most = 0;
        for (let i = from; i < to && i < peaks.length; i++) most = Math.max(most, peaks[i]);
        const half = Math.max(0.5, (most / 255) * (width / 2 - 14));
        c.fillRect(width / 2 - half, py, 2 * half, 1.2);
      }
      c.fillStyle = accent;
      for (const { spot } of open) {
        // A lozenge at the left of what is wrong, where the eye runs down the cues.
        c.save();
        c.translate(14, y(spot.ms));
        c.rotate(Math.PI / 4);
        c.fillRect(-2, -2, 4, 4);
        c.restore();
      }
      c.strokeStyle = accent;
      c.lineWidth = 1.8;
      c.fillStyle = css.getPropertyValue('--sunk');
      for (const { place } of remarks) {
        // A ring where a client said something.
        c.beginPath();
        c.arc(20, y(place.ms), 3.6, 0, 7);
        c.fill();
        c.stroke();
      }
      for (const cue of track.cues) {
        const here = chosen.has(cue.id);
        c.fillStyle = here ? accent : ink;
        c.globalAlpha = here ? 1 : 0.75;
        c.fillRect(6, y(cue.showMs) + 1, 3, Math.max(2, y(cue.hideMs) - y(cue.showMs) - 2));
        for (const word of cue.words) {
          if (word.unsure) {
            c.fillStyle = ink;
            c.globalAlpha = 0.9;
            c.fillRect(width - 11, y((word.startMs + word.endMs) / 2) - 0.75, 6, 1.5);
          }
          if (word.emphasis > 0) {
            c.fillStyle = accent;
            c.globalAlpha = 1;
            c.beginPath();
            c.arc(width - 8, y((word.startMs + word.endMs) / 2), 2.2, 0, 7);
            c.fill();
          }
        }
        c.globalAlpha = 1;
      }
    };
    draw();
    const observer = new ResizeObserver(draw);
    observer.observe(element);
    const dark = window.matchMedia('(prefers-color-scheme: dark)');
    dark.addEventListener('change', draw);
    return () => {
      observer.disconnect();
      dark.removeEventListener('change', draw);
    };
  }, [clip, track, peaks, selected, open, remarks]);

  useEffect(() => {
    const place = (ms: number) => {
      head.current!.style.top = `${(ms / clip.durationMs) * 100}%`;
    };
    place(usePlayer.getState().timeMs);
    return usePlayer.subscribe((s, before) => s.timeMs !== before.timeMs && place(s.timeMs));
  }, [clip]);

  const timeAt = (e: React.PointerEvent) => {
    const box = canvas.current!.getBoundingClientRect();
    return Math.max(0, Math.min(clip.durationMs, ((e.clientY - box.top) / box.height) * clip.durationMs));
  };
  const cueAt = (ms: number) => track.cues.findLast((cue) => cue.showMs <= ms) ?? track.cues[0];
  /** With Shift held the rail chooses a run of cues, without it goes to a time. */
  const go = (e: React.PointerEvent) => {
    const ms = timeAt(e);
    const cue = cueAt(ms);
    if (e.altKey) {
      const begun = partFrom.current ?? ms;
      partFrom.current = begun;
      if (Math.abs(ms - begun) > 100) {
        usePanels.getState().set({ range: { fromMs: Math.min(begun, ms), toMs: Math.max(begun, ms) } });
      }
      return;
    }
    if (e.shiftKey && cue) {
      if (rangeFrom.current === null) {
        rangeFrom.current = cue.id;
        select({ kind: 'cue', id: cue.id });
      } else if (rangeFrom.current !== cue.id) {
        select({ kind: 'run', from: rangeFrom.current, to: cue.id });
      }
      return;
    }
    seek(ms);
  };
  return (
    <div
      role="region"
      aria-label="Rail"
      className="relative w-14 flex-none border-r border-rule bg-sunk py-4"
    >
      <div className="relative h-full">
        <canvas
          ref={canvas}
          role="img"
          aria-label={`The whole clip: ${track.cues.length} cues${remarks.length > 0 ? `, ${remarks.length} remarks` : ''}. Click to go there, drag with Shift to choose a run of cues, with Alt a part to get words for`}
          className="h-full w-full cursor-pointer touch-none"
          onPointerDown={(e) => {
            e.currentTarget.setPointerCapture(e.pointerId);
            rangeFrom.current = null;
            partFrom.current = null;
            go(e);
          }}
          onPointerMove={(e) => e.buttons === 1 && go(e)}
        />
        {part && (
          <div
            className="pointer-events-none absolute inset-x-0 border-y border-accent bg-accent/15"
            style={{
              top: `${(part.fromMs / clip.durationMs) * 100}%`,
              height: `${((part.toMs - part.fromMs) / clip.durationMs) * 100}%`,
            }}
          />
        )}
        <div ref={head} className="pointer-events-none absolute inset-x-0 h-0 border-t-2 border-accent" />
      </div>
    </div>
  );
}
