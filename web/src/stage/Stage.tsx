import { playedFrom } from '../api/footage';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { Clip, Scene, Track } from '../api/types';
import { usePlayer } from '../player/player';
import { useDropper } from '../state/dropper';
import { useShownFrame } from '../state/framing';
import { usePanels } from '../state/panels';
import { useNarrow } from '../ui/useNarrow';
import { Bars } from './Bars';
import { EmojiHandles } from './EmojiHandles';
import { FrameHandles } from './FrameHandles';
import { StageControls } from './StageControls';
import { StageHandles } from './StageHandles';
import { Divider } from './Divider';
import { useStageRoom } from './useStageRoom';
import { StageText, typeAt, useTypingOnStage } from './StageText';
import { ZoneHandles } from './ZoneHandles';
import { Zones } from './Zones';
import { drawTurned, pictureAt, placed } from './framing';
import { whenIdle } from './idle';
import { ScenePainter } from './paint/scenePainter';

/** The picture in its frame, with the captions painted over it at the time of the frame on the screen. */
export function Stage({
  clip,
  track,
  scene,
  version,
  styling,
  framing,
}: {
  clip: Clip;
  track: Track;
  scene: Scene | undefined;
  /** Of the track that the scene is of; null for one that is only tried. */
  version: number | null;
  /** The caption can be taken hold of. */
  styling: boolean;
  /** The picture can be taken hold of under its frame. */
  framing: boolean;
}) {
  const room = useRef<HTMLDivElement>(null);
  const video = useRef<HTMLVideoElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const painted = useRef<ScenePainter | null>(null);
  const [box, setBox] = useState({ width: 0, height: 0 });
  const { attach, shown, toggle } = usePlayer.getState();
  const { frame, layout } = useShownFrame(track);
  const { output } = layout;
  const turn = frame.turn ?? 0;
  const aspect = output.width / output.height;
  const stageRoom = useStageRoom(aspect);
  const captions = usePanels((s) => s.captions);
  const zones = usePanels((s) => s.zones);
  const preview = usePanels((s) => s.preview);
  // A generic telephone around a tall picture.
  const phone = preview && aspect < 0.8;
  const inView = usePanels((s) => s.turn);
  // Out of sight it goes on: the voice is heard, and its time runs through the score.
  const away = useNarrow() && inView !== 'stage' && !preview;
  const dropping = useDropper((s) => s.take !== null);
  const typing = useTypingOnStage();

  useLayoutEffect(() => {
    const element = room.current!;
    const measure = () => {
      const height = Math.min(element.clientHeight, element.clientWidth / aspect);
      setBox({ width: Math.round(height * aspect), height: Math.round(height) });
    };
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    measure();
    return () => observer.disconnect();
  }, [aspect]);

  useEffect(() => {
    const element = video.current!;
    usePlayer.setState({ durationMs: clip.durationMs, frameMs: 1000 / clip.frameRate });
    attach(clip.prepared ? element : null, clip.id);
    let request = 0;
    let early: number | null = null;
    const onFrame = (_: number, frame: VideoFrameCallbackMetadata) => {
      early = element.seeking ? frame.mediaTime : null;
      shown(frame.mediaTime * 1000);
      request = element.requestVideoFrameCallback(onFrame);
    };
    request = element.requestVideoFrameCallback(onFrame);
    // The requested frame can be on the screen before the seek ends, without another callback.
    const onSeeked = () => {
      const late = early === null ? Infinity : element.currentTime - early;
      if (late >= 0 && late < 1.5 / clip.frameRate) shown(early! * 1000);
      early = null;
    };
    element.addEventListener('seeked', onSeeked);
    const onPlay = () => usePlayer.setState({ playing: true });
    const onPause = () => usePlayer.setState({ playing: false });
    element.addEventListener('play', onPlay);
    element.addEventListener('pause', onPause);
    element.addEventListener('ended', onPause);
    return () => {
      element.cancelVideoFrameCallback(request);
      element.removeEventListener('seeked', onSeeked);
      element.removeEventListener('play', onPlay);
      element.removeEventListener('pause', onPause);
      element.removeEventListener('ended', onPause);
      attach(null, clip.id);
    };
  }, [clip.id, clip.prepared, clip.durationMs, clip.frameRate, attach, shown]);

  // Who leaves the clip before its picture comes does not want it to play on coming back.
  useEffect(() => () => usePlayer.setState({ waiting: false }), [clip.id]);

  // Where the frame moves over the picture, the picture is moved under it with each frame.
  useEffect(() => {
    const element = video.current!;
    const place = (ms: number) => Object.assign(element.style, placed(layout, pictureAt(layout, ms), turn));
    place(usePlayer.getState().timeMs);
    if (layout.moves.length === 0) return;
    return usePlayer.subscribe((s, before) => s.timeMs !== before.timeMs && place(s.timeMs));
  }, [layout, turn, clip.prepared]);

  // A video out of sight tells of no frames: its clock is read instead.
  useEffect(() => {
    if (!away) return;
    let before = -1;
    let request = 0;
    const read = () => {
      const seconds = video.current?.currentTime ?? before;
      if (seconds !== before) shown(seconds * 1000);
      before = seconds;
      request = requestAnimationFrame(read);
    };
    read();
    return () => cancelAnimationFrame(request);
  }, [away, shown]);

  useEffect(() => {
    const element = canvas.current!;
    const density = window.devicePixelRatio || 1;
    element.width = Math.max(1, Math.round(box.width * density));
    element.height = Math.max(1, Math.round(box.height * density));
    if (!scene || !captions || box.width <= 0) return;
    const scale = element.width / scene.width;
    const same = painted.current?.scale === scale ? painted.current : null;
    same?.show(scene);
    const painter = same ?? new ScenePainter(scene, scale);
    painted.current = painter;
    // Painted by the processor: a graphics card smooths edges in its own way, and the render would differ.
    const context = element.getContext('2d', { willReadFrequently: true })!;
    let rest: (() => void) | null = null;
    const prepare = () => {
      rest = painter.ahead(usePlayer.getState().timeMs) ? whenIdle(prepare) : null;
    };
    const paint = (timeMs: number) => {
      context.clearRect(0, 0, element.width, element.height);
      painter.paint(context, timeMs);
      element.dataset.paintedMs = String(timeMs);
      rest ??= whenIdle(prepare);
    };
    paint(usePlayer.getState().timeMs);
    const stop = usePlayer.subscribe((s, before) => s.timeMs !== before.timeMs && paint(s.timeMs));
    return () => {
      stop();
      rest?.();
    };
  }, [scene, box, captions]);

  /** Passes the colour of the picture under the pointer to the requesting control. */
  const drop = (e: React.MouseEvent) => {
    const source = video.current!;
    const at = source.getBoundingClientRect();
    const one = new OffscreenCanvas(1, 1).getContext('2d')!;
    const x = ((e.clientX - at.left) / at.width) * layout.turned.width;
    const y = ((e.clientY - at.top) / at.height) * layout.turned.height;
    drawTurned(
      one,
      source,
      layout,
      turn,
      { x: Math.floor(x), y: Math.floor(y), width: 1, height: 1 },
      { x: 0, y: 0, width: 1, height: 1 },
    );
    const [r, g, b] = one.getImageData(0, 0, 1, 1).data;
    useDropper.getState().take?.(`#${[r, g, b].map((c) => c.toString(16).padStart(2, '0')).join('')}`);
    useDropper.setState({ take: null });
  };

  return (
    <>
      <section
        aria-label="Stage"
        inert={away}
        data-below={stageRoom.below && !away ? true : undefined}
        className={`flex flex-col bg-stage text-stage-soft ${
          preview
            ? 'fixed inset-0 z-40'
            : `${stageRoom.below ? 'h-(--room) max-[1099px]:h-auto' : 'min-h-0 w-(--room)'} flex-none max-[1099px]:w-auto max-[1099px]:min-w-0 max-[1099px]:flex-1`
        } ${away ? 'pointer-events-none absolute !size-px overflow-hidden opacity-0' : ''}`}
        style={{ '--room': stageRoom.size } as React.CSSProperties}
      >
        <div
          ref={room}
          className={`flex min-h-0 flex-1 items-center justify-center ${preview ? 'm-9 mb-5' : 'm-4 mb-2'}`}
        >
          <div
            data-testid={phone ? 'phone' : undefined}
            className={`relative overflow-hidden ${phone ? 'rounded-[24px] shadow-[0_0_0_12px_#03090a,0_0_0_13px_rgb(255_255_255/0.25)]' : 'rounded-[3px]'}`}
            style={{ width: box.width, height: box.height, background: frame.barColour }}
            onDoubleClick={(e) => {
              if (!scene || !captions || dropping) return;
              const at = e.currentTarget.getBoundingClientRect();
              typeAt(scene, (e.clientX - at.left) / at.width, (e.clientY - at.top) / at.height);
            }}
          >
            <Bars frame={frame} layout={layout} />
            {clip.prepared ? (
              <video
                ref={video}
                key={clip.id}
                src={playedFrom(clip)}
                preload="auto"
                playsInline
                aria-label={`Clip ${clip.name}`}
                onClick={toggle}
                className="absolute max-w-none object-fill"
              />
            ) : (
              <>
                <video ref={video} hidden />
                <p className="absolute inset-0 flex items-center justify-center px-6 text-center">
                  Preparing the clip: its picture comes in a moment
                </p>
              </>
            )}
            <canvas
              ref={canvas}
              data-testid="captions"
              data-version={version ?? undefined}
              className={`pointer-events-none absolute inset-0 h-full w-full ${typing ? 'opacity-0' : ''}`}
            />
            {zones && <Zones layout={layout} />}
            {framing && !preview && <FrameHandles clip={clip} track={track} />}
            {framing && !preview && zones && layout.zones.length > 0 && <ZoneHandles clip={clip} />}
            {styling && scene && captions && !dropping && !preview && !typing && (
              <>
                <StageHandles clip={clip} track={track} scene={scene} />
                <EmojiHandles clip={clip} track={track} scene={scene} />
              </>
            )}
            {scene && !preview && <StageText clip={clip} track={track} scene={scene} width={box.width} />}
            {dropping && (
              <div
                onClick={drop}
                className="absolute inset-0 cursor-crosshair"
                data-testid="dropper"
                title="Click to take the colour here"
              />
            )}
          </div>
        </div>
        <StageControls clip={clip} track={track} room={stageRoom} />
      </section>
      <Divider room={stageRoom} />
    </>
  );
}
