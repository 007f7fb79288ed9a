import { Maximize2, Pause, PanelBottom, PanelLeft, Play } from 'lucide-react';
import { useRef } from 'react';
import type { Clip, Track } from '../api/types';
import { usePlayer } from '../player/player';
import { length, stamp } from '../player/time';
import { useEachTime } from '../player/useEachTime';
import { usePanels } from '../state/panels';
import { useRemembered } from '../state/remembered';
import { PreviewControls } from './PreviewControls';
import { StageButton } from './StageButton';
import type { useStageRoom } from './useStageRoom';

/** Below the picture: playing, the time, how fast, and how much room there is. */
export function StageControls(props: { clip: Clip; track: Track; room: ReturnType<typeof useStageRoom> }) {
  const { clip, track, room } = props;
  const playing = usePlayer((s) => s.playing);
  const preview = usePanels((s) => s.preview);
  const { toggle, seek } = usePlayer.getState();
  return (
    <div className="flex h-12 flex-none items-center gap-3 px-4 pb-2">
      <button
        onClick={toggle}
        aria-label={playing ? 'Pause' : 'Play'}
        title={playing ? 'Pause (Space)' : 'Play (Space)'}
        className="flex size-9 items-center justify-center rounded-full bg-white/10 text-white hover:bg-white/20"
      >
        {playing ? (
          <Pause size={17} fill="currentColor" />
        ) : (
          <Play size={17} fill="currentColor" className="ml-0.5" />
        )}
      </button>
      <Clock durationMs={clip.durationMs} />
      <Rate />
      <Scrub durationMs={clip.durationMs} seek={seek} />
      {preview ? (
        <PreviewControls clipId={clip.id} track={track} />
      ) : (
        <>
          {room.wide && <ScoreBelow below={room.below} />}
          <StageButton
            label="Preview of the whole"
            hint="G"
            onClick={() => usePanels.getState().set({ preview: true })}
          >
            <Maximize2 size={16} />
          </StageButton>
        </>
      )}
    </div>
  );
}

/** A wide picture has the whole width where the score is below it. */
function ScoreBelow({ below }: { below: boolean }) {
  return (
    <span className="max-[1099px]:hidden">
      <StageButton
        label="Score below the picture"
        hint={below ? 'beside it again' : 'the picture gets the whole width'}
        pressed={below}
        onClick={() => useRemembered.setState({ scoreBelow: !below })}
      >
        {below ? <PanelLeft size={16} /> : <PanelBottom size={16} />}
      </StageButton>
    </span>
  );
}

function Clock({ durationMs }: { durationMs: number }) {
  const clock = useRef<HTMLSpanElement>(null);
  useEachTime((timeMs) => {
    const now = stamp(timeMs);
    if (clock.current!.textContent !== now) clock.current!.textContent = now;
  });
  return (
    <span className="flex-none whitespace-nowrap text-note">
      <span ref={clock} className="text-white" data-testid="clock" /> / {length(durationMs)}
    </span>
  );
}

/** The playback rate; the pitch is preserved. */
function Rate() {
  const rate = usePlayer((s) => s.rate);
  const looping = usePlayer((s) => s.loopFromMs !== null);
  return (
    <button
      onClick={() => usePlayer.getState().setRate(rate === 1 ? 0.75 : 1)}
      aria-label={`Plays at ${rate} of its speed`}
      title="How fast it plays: slower with −, faster with ="
      className={`flex-none rounded-md px-1.5 py-0.5 text-note hover:bg-white/10 ${rate === 1 ? '' : 'bg-white/15 text-white'}`}
    >
      {looping ? '↻ ' : ''}
      {rate === 1 ? '1×' : `${rate}×`}
    </button>
  );
}

function Scrub({ durationMs, seek }: { durationMs: number; seek: (ms: number) => void }) {
  const slider = useRef<HTMLInputElement>(null);
  useEachTime((timeMs) => {
    const tenths = `${100 * Math.round(timeMs / 100)}`;
    if (slider.current!.value === tenths) return;
    slider.current!.value = tenths;
    slider.current!.style.setProperty('--done', String(Number(tenths) / durationMs));
    slider.current!.setAttribute('aria-valuetext', stamp(Number(tenths)));
  });
  return (
    <input
      ref={slider}
      type="range"
      aria-label="Playhead"
      min={0}
      max={durationMs}
      defaultValue={0}
      onChange={(e) => seek(Number(e.target.value))}
      className="min-w-0 flex-1 [--knob:#ff8a66] [--track:rgb(255_255_255/0.2)]"
    />
  );
}
