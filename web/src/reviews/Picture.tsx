import { Pause, Play, RotateCcw } from 'lucide-react';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { useSharedStage } from '../api/reviews';
import type { Shared, Track } from '../api/types';
import { stamp } from '../player/time';
import type { Watched } from './useWatched';
import { Slider } from '../ui/Slider';

// Who is shown a film needs no painter.
const ComparedStage = lazy(() =>
  import('../stage/ComparedStage').then((part) => ({ default: part.ComparedStage })),
);

/** Of the window's height, so that what can be said stays in view on a phone. */
const MOST_OF_HEIGHT = 0.62;

/** The film, or the stage painted over its clip, with its controls; remarks are marked along its time. */
export function Picture(props: {
  token: string;
  shared: Shared;
  video: HTMLVideoElement | null;
  onVideo: (video: HTMLVideoElement | null) => void;
  watched: Watched;
}) {
  const { token, shared, video, watched } = props;
  const stage = useSharedStage(token, shared).data;
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(300);
  const aspect = shared.size.width / shared.size.height;
  useEffect(() => {
    const measure = () => {
      const across = box.current?.clientWidth ?? 300;
      setWidth(Math.floor(Math.min(across, window.innerHeight * MOST_OF_HEIGHT * aspect)));
    };
    measure();
    window.addEventListener('resize', measure);
    return () => window.removeEventListener('resize', measure);
  }, [aspect]);
  const height = Math.round(width / aspect);
  const live = shared.shows === 'STAGE';
  const ended = watched.timeMs > shared.durationMs - 100 && !watched.playing;
  return (
    <div ref={box}>
      <div
        className="relative mx-auto overflow-hidden rounded-lg bg-stage"
        style={{ width, height }}
        onClick={watched.toggle}
      >
        <video
          ref={props.onVideo}
          key={shared.round}
          src={`/api/shared/${token}/video?version=${shared.round}`}
          preload="auto"
          playsInline
          aria-label={live ? 'Clip' : 'Film'}
          className={live ? 'pointer-events-none absolute inset-0 size-full opacity-0' : 'size-full'}
        />
        {live && stage && (
          <Suspense>
            <ComparedStage
              video={video}
              track={{ frame: stage.frame, layout: stage.layout } as Track}
              scene={stage.scene}
              width={width}
              root={`/api/shared/${token}`}
            />
          </Suspense>
        )}
        {(ended || (watched.timeMs < 1 && !watched.playing)) && (
          <span className="pointer-events-none absolute inset-0 flex items-center justify-center">
            <span className="flex size-16 items-center justify-center rounded-full bg-stage/70 text-page">
              {ended ? <RotateCcw size={26} /> : <Play size={28} className="ml-1" />}
            </span>
          </span>
        )}
      </div>
      <div className="mt-3 flex items-center gap-3">
        <button
          aria-label={watched.playing ? 'Pause' : 'Play'}
          onClick={watched.toggle}
          className="flex size-11 flex-none items-center justify-center rounded-full bg-sunk hover:bg-rule"
        >
          {watched.playing ? <Pause size={18} /> : <Play size={18} className="ml-0.5" />}
        </button>
        <div className="relative min-w-0 flex-1">
          <Slider
            aria-label="Time"
            min={0}
            max={shared.durationMs}
            step={1000 / shared.frameRate}
            value={Math.min(watched.timeMs, shared.durationMs)}
            set={watched.seek}
            className="h-8 w-full [--knob:var(--accent)]"
          />
          <span className="pointer-events-none absolute inset-x-2 bottom-0 h-2" aria-hidden>
            {shared.remarks
              .filter((r) => r.atMs !== undefined && r.round === shared.round)
              .map((remark) => (
                <span
                  key={remark.id}
                  className={`absolute size-2 -translate-x-1/2 rotate-45 ${remark.settled ? 'border border-soft' : 'bg-accent'}`}
                  style={{ left: `${(100 * (remark.atMs ?? 0)) / shared.durationMs}%` }}
                />
              ))}
          </span>
        </div>
        <span className="flex-none text-note text-soft">
          {stamp(watched.timeMs)} / {stamp(shared.durationMs)}
        </span>
      </div>
    </div>
  );
}
