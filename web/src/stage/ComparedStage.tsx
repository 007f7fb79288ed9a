import { useEffect, useRef } from 'react';
import type { Scene, Track } from '../api/types';
import { ScenePainter } from './paint/scenePainter';

/** The picture of a video that plays elsewhere, with captions of its own over it. */
export function ComparedStage(props: {
  video: HTMLVideoElement | null;
  track: Track;
  scene: Scene | undefined;
  width: number;
}) {
  const { video, track, scene, width } = props;
  const canvas = useRef<HTMLCanvasElement>(null);
  const { output, picture } = track.layout;
  const height = Math.round((width * output.height) / output.width);
  const bars = track.frame.barColour;
  useEffect(() => {
    const element = canvas.current!;
    if (!video || !scene) return;
    const density = window.devicePixelRatio || 1;
    element.width = Math.round(width * density);
    element.height = Math.round(height * density);
    const context = element.getContext('2d', { willReadFrequently: true })!;
    const painter = new ScenePainter(scene, element.width / scene.width);
    const scale = element.width / output.width;
    const paint = (timeMs: number) => {
      context.fillStyle = bars;
      context.fillRect(0, 0, element.width, element.height);
      context.drawImage(
        video,
        picture.x * scale,
        picture.y * scale,
        picture.width * scale,
        picture.height * scale,
      );
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
  }, [video, scene, width, height, bars, output, picture]);
  return <canvas ref={canvas} style={{ width, height }} className="rounded-[3px] bg-stage" aria-hidden />;
}
