import { useEffect, useRef } from 'react';
import { barsAddress } from '../api/frames';
import type { Scene, Track } from '../api/types';
import { BackdropPainter, drawTurned, pictureAt } from './framing';
import { ScenePainter } from './paint/scenePainter';

/** The picture of a video that plays elsewhere, with captions of its own over it. */
export function ComparedStage(props: {
  video: HTMLVideoElement | null;
  track: Track;
  scene: Scene | undefined;
  width: number;
  /** The base URL of its bars. */
  root?: string;
}) {
  const { video, track, scene, width, root } = props;
  const canvas = useRef<HTMLCanvasElement>(null);
  const { layout, frame } = track;
  const { output } = layout;
  const height = Math.round((width * output.height) / output.width);
  useEffect(() => {
    const element = canvas.current!;
    if (!video || !scene) return;
    const density = window.devicePixelRatio || 1;
    element.width = Math.round(width * density);
    element.height = Math.round(height * density);
    const context = element.getContext('2d', { willReadFrequently: true })!;
    const painter = new ScenePainter(scene, element.width / scene.width);
    const scale = element.width / output.width;
    const backdrop = new BackdropPainter();
    const bars = new Image();
    bars.src = barsAddress(frame, output, root) ?? '';
    const paint = (timeMs: number) => {
      context.fillStyle = frame.barColour;
      context.fillRect(0, 0, element.width, element.height);
      if (layout.backdrop) backdrop.paint(context, video, layout, frame.turn ?? 0);
      if (bars.complete && bars.naturalWidth > 0) {
        context.drawImage(bars, 0, 0, element.width, element.height);
      }
      const { x, y, width: w, height: h } = pictureAt(layout, timeMs);
      const to = { x: x * scale, y: y * scale, width: w * scale, height: h * scale };
      drawTurned(context, video, layout, frame.turn ?? 0, null, to);
      painter.paint(context, timeMs);
      element.dataset.paintedMs = String(timeMs);
    };
    let request = 0;
    const onFrame = (_: number, frame: VideoFrameCallbackMetadata) => {
      paint(frame.mediaTime * 1000);
      request = video.requestVideoFrameCallback(onFrame);
    };
    request = video.requestVideoFrameCallback(onFrame);
    if (video.readyState >= 2) paint(video.currentTime * 1000);
    return () => video.cancelVideoFrameCallback(request);
  }, [video, scene, width, height, frame, layout, output, root]);
  return <canvas ref={canvas} style={{ width, height }} className="rounded-[3px] bg-stage" aria-hidden />;
}
