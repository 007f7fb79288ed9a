import { useEffect, useRef, useState } from 'react';
import { useChange } from '../api/changes';
import { useSpeechEdges, useTrackNow } from '../api/queries';
import type { Clip, Cue, Word } from '../api/types';
import { usePlayer } from '../player/player';
import { exact } from '../player/time';
import { useSelection } from '../state/selection';
import { LensFields } from './LensFields';

const AROUND_MS = 350;
const HEIGHT = 96;
const SNAP_PX = 7;
const HEARD_MS = 160;
const KEY_MS = 10;

/** What is being dragged: an edge of a word, or the word itself. */
interface Drag {
  wordId: number;
  what: 'start' | 'end' | 'word';
  /** Where the pointer took hold, ms from the edge. */
  graspMs: number;
  toMs: number;
  snapped: boolean;
  /** A neighbour that touches the edge moves along. */
  follows: boolean;
  /** The earlier position of the playhead, which moves while an edge is played. */
  playheadMs: number;
}

/** The groove of one cue, opened large: edges and words are dragged on the sound, and heard while they move. */
export function Lens({ clip, cue, peaks }: { clip: Clip; cue: Cue; peaks: Uint8Array | undefined }) {
  const room = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const head = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  const [drag, setDrag] = useState<Drag | null>(null);
  const heardAt = useRef(0);
  const { mutate } = useChange(clip.id);
  const edges = useSpeechEdges(clip.id, clip.prepared, clip.sound);
  const trackNow = useTrackNow(clip.id);
  const selected = useSelection((s) => s.selected);
  // The window does not scroll while something in it is dragged or nudged.
  const [view, setView] = useState({ cueId: cue.id, from: 0, to: 1 });
  const wanted = {
    cueId: cue.id,
    from: Math.max(0, cue.showMs - AROUND_MS),
    to: Math.min(clip.durationMs, cue.hideMs + AROUND_MS),
  };
  const outside = cue.words[0].startMs < view.from || cue.words[cue.words.length - 1].endMs > view.to;
  if (!drag && (view.cueId !== cue.id || outside || view.to - view.from > 3 * (wanted.to - wanted.from))) {
    setView(wanted);
  }
  const { from, to } = view;
  const x = (ms: number) => ((ms - from) / (to - from)) * width;
  const ms = (px: number) => from + (px / Math.max(1, width)) * (to - from);

  useEffect(() => {
    const observer = new ResizeObserver(() => setWidth(room.current!.clientWidth));
    observer.observe(room.current!);
    return () => observer.disconnect();
  }, []);

  useEffect(() => {
    const element = canvas.current!;
    const density = window.devicePixelRatio || 1;
    element.width = Math.max(1, width * density);
    element.height = HEIGHT * density;
    const c = element.getContext('2d')!;
    c.scale(density, density);
    c.fillStyle = getComputedStyle(element).getPropertyValue('--groove');
    for (let px = 0; px < width && peaks; px += 2) {
      const first = Math.floor((from + (px / width) * (to - from)) / 10);
      const last = Math.max(first + 1, Math.ceil((from + ((px + 2) / width) * (to - from)) / 10));
      let most = 0;
      for (let i = first; i < last && i < peaks.length; i++) most = Math.max(most, peaks[i]);
      const half = Math.max(0.5, (most / 255) * (HEIGHT / 2 - 6));
      c.fillRect(px, HEIGHT / 2 - half, 1.4, 2 * half);
    }
  }, [peaks, width, from, to]);

  useEffect(() => {
    const place = (now: number) => {
      const at = ((now - from) / (to - from)) * width;
      head.current!.style.transform = `translateX(${at}px)`;
      head.current!.style.opacity = at >= 0 && at <= width ? '1' : '0';
    };
    place(usePlayer.getState().timeMs);
    return usePlayer.subscribe((s, old) => s.timeMs !== old.timeMs && place(s.timeMs));
  }, [from, to, width]);

  const all = trackNow()?.cues.flatMap((c) => c.words) ?? cue.words;
  const near = all.filter((w) => w.endMs > from && w.startMs < to);
  const own = new Set(cue.words.map((w) => w.id));

  const snap = (wantedMs: number, free: boolean, playheadMs: number): { toMs: number; snapped: boolean } => {
    if (free) return { toMs: Math.round(wantedMs), snapped: false };
    const reach = ((to - from) / Math.max(1, width)) * SNAP_PX;
    const { frameMs } = usePlayer.getState();
    const near = [playheadMs, ...(edges.data ?? [])]
      .map((at) => Math.round(at))
      .filter((at) => Math.abs(at - wantedMs) <= reach)
      .sort((a, b) => Math.abs(a - wantedMs) - Math.abs(b - wantedMs));
    if (near.length > 0) return { toMs: near[0], snapped: true };
    const frame = Math.round(Math.round(wantedMs / frameMs) * frameMs);
    const close = Math.abs(frame - wantedMs) <= reach / 2;
    return { toMs: close ? frame : Math.round(wantedMs), snapped: close };
  };

  const hear = (atMs: number, what: Drag['what']) => {
    const now = performance.now();
    if (now - heardAt.current < HEARD_MS) return;
    heardAt.current = now;
    const { play } = usePlayer.getState();
    if (what === 'end') play(Math.max(0, atMs - HEARD_MS), atMs);
    else play(atMs, atMs + HEARD_MS);
  };

  const grasp = (e: React.PointerEvent, word: Word, what: Drag['what']) => {
    if (cue.locked) return;
    e.preventDefault();
    e.currentTarget.setPointerCapture(e.pointerId);
    const at = ms(e.clientX - room.current!.getBoundingClientRect().left);
    const edge = what === 'end' ? word.endMs : word.startMs;
    useSelection.getState().select({ kind: 'word', id: word.id });
    setDrag({
      wordId: word.id,
      what,
      graspMs: at - edge,
      toMs: edge,
      snapped: false,
      follows: true,
      playheadMs: usePlayer.getState().timeMs,
    });
  };
  const move = (e: React.PointerEvent) => {
    if (!drag) return;
    const at = ms(e.clientX - room.current!.getBoundingClientRect().left) - drag.graspMs;
    const next = snap(at, e.ctrlKey || e.metaKey, drag.playheadMs);
    if (next.toMs === drag.toMs) return;
    setDrag({ ...drag, ...next, follows: !e.altKey && !e.shiftKey });
    hear(next.toMs, drag.what);
  };
  const drop = (e: React.PointerEvent) => {
    if (!drag) return;
    setDrag(null);
    const word = cue.words.find((w) => w.id === drag.wordId);
    if (!word) return;
    const push = e.shiftKey ? 'PUSH' : e.altKey ? 'STOP' : 'FOLLOW';
    if (drag.what === 'word') {
      const byMs = drag.toMs - word.startMs;
      if (byMs !== 0)
        mutate({ kind: 'nudgeWords', wordIds: [word.id], byMs, push: e.shiftKey ? 'PUSH' : 'STOP' });
    } else {
      const old = drag.what === 'end' ? word.endMs : word.startMs;
      if (drag.toMs !== old) {
        mutate({
          kind: 'moveEdge',
          wordId: word.id,
          end: drag.what === 'end',
          toMs: Math.max(0, drag.toMs),
          push,
        });
      }
    }
  };
  const byKey = (e: React.KeyboardEvent, word: Word, end: boolean) => {
    const step = e.key === 'ArrowLeft' ? -1 : e.key === 'ArrowRight' ? 1 : 0;
    if (!step) return;
    e.preventDefault();
    e.stopPropagation();
    const by = e.shiftKey ? usePlayer.getState().frameMs : KEY_MS;
    mutate({
      kind: 'moveEdge',
      wordId: word.id,
      end,
      toMs: Math.max(0, Math.round((end ? word.endMs : word.startMs) + step * by)),
      push: e.altKey ? 'STOP' : 'FOLLOW',
    });
  };

  return (
    <div className="mt-2 rounded-lg border border-rule bg-page p-2" role="group" aria-label="Lens">
      <div
        ref={room}
        className="relative touch-none overflow-hidden select-none"
        style={{ height: HEIGHT + 26 }}
        onPointerMove={move}
        onPointerUp={drop}
        onPointerCancel={() => setDrag(null)}
      >
        <canvas
          ref={canvas}
          className="absolute inset-x-0 top-[22px] w-full"
          style={{ height: HEIGHT }}
          onPointerDown={(e) => {
            usePlayer.getState().seek(ms(e.clientX - room.current!.getBoundingClientRect().left));
          }}
        />
        {near.map((word) => {
          const mine = own.has(word.id);
          const held = drag?.wordId === word.id ? drag : null;
          const grasped = drag?.follows ? all.find((w) => w.id === drag.wordId) : undefined;
          const ledStart = drag?.what === 'end' && grasped && word.startMs === grasped.endMs;
          const ledEnd = drag?.what === 'start' && grasped && word.endMs === grasped.startMs;
          const start =
            ledStart || held?.what === 'start' || held?.what === 'word' ? drag!.toMs : word.startMs;
          const end =
            ledEnd || held?.what === 'end'
              ? drag!.toMs
              : held?.what === 'word'
                ? held.toMs + word.endMs - word.startMs
                : word.endMs;
          const isSelected = selected.kind === 'word' && selected.id === word.id;
          return (
            <div key={word.id} className={mine ? '' : 'opacity-40'}>
              <div
                onPointerDown={(e) => mine && grasp(e, word, 'word')}
                title={mine ? `${word.text}: drag to move it whole` : word.text}
                className={`absolute top-0 h-[22px] truncate border-b-2 px-0.5 text-center text-note leading-[20px] ${mine ? 'cursor-grab' : ''} ${isSelected ? 'border-accent text-accent' : 'border-ink/50'}`}
                style={{ left: x(start) + 1, width: Math.max(2, x(end) - x(start) - 2) }}
              >
                {word.text}
              </div>
              {isSelected && (
                <div
                  className="pointer-events-none absolute top-[22px] bg-accent/10"
                  style={{ left: x(start), width: Math.max(1, x(end) - x(start)), height: HEIGHT }}
                />
              )}
              {mine &&
                (['start', 'end'] as const).map((what) => {
                  const at = what === 'start' ? start : end;
                  return (
                    <div
                      key={what}
                      role="slider"
                      tabIndex={0}
                      aria-label={`${what === 'start' ? 'Start' : 'End'} of ${word.text}`}
                      aria-valuemin={0}
                      aria-valuemax={clip.durationMs}
                      aria-valuenow={Math.round(at)}
                      aria-valuetext={exact(at)}
                      data-edge={`${word.id}-${what}`}
                      onPointerDown={(e) => grasp(e, word, what)}
                      onKeyDown={(e) => byKey(e, word, what === 'end')}
                      className="absolute top-[22px] z-10 w-[9px] cursor-ew-resize focus-visible:outline-offset-0"
                      style={{ left: x(at) + (what === 'start' ? 0 : -9), height: HEIGHT }}
                    >
                      <span
                        className={`absolute inset-y-0 w-[2px] ${what === 'start' ? 'left-0' : 'right-0'} ${held ? 'bg-accent' : 'bg-ink/55'}`}
                      />
                      <span
                        className={`absolute bottom-0 h-3 w-[7px] rounded-sm ${what === 'start' ? 'left-0' : 'right-0'} ${held ? 'bg-accent' : 'bg-ink/55'}`}
                      />
                    </div>
                  );
                })}
            </div>
          );
        })}
        {drag && (
          <span
            className="pointer-events-none absolute top-[26px] z-20 rounded bg-ink px-1.5 py-0.5 text-tiny text-page"
            style={{ left: Math.min(width - 90, Math.max(0, x(drag.toMs) + 8)) }}
          >
            {exact(drag.toMs)} {drag.snapped && '· snapped'}
          </span>
        )}
        <div
          ref={head}
          className="pointer-events-none absolute top-[22px] left-0 border-l-2 border-accent"
          style={{ height: HEIGHT }}
        />
      </div>
      <LensFields clip={clip} cue={cue} />
    </div>
  );
}
