import { useEffect, useRef } from 'react';
import type { Scene } from '../api/types';
import { usePlayer } from '../player/player';
import { ScenePainter } from './paint/scenePainter';

const PAUSE_MS = 700;

/**
 * Plays a scene of one cue in a loop, cropped to its ink. Between two rounds, and while the clip itself plays, it
 * shows the middle of the cue.
 */
export function SamplePlayer({ scene, width, height }: { scene: Scene; width: number; height: number }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const element = canvas.current!;
    const density = window.devicePixelRatio || 1;
    element.width = width * density;
    element.height = height * density;
    const context = element.getContext('2d', { willReadFrequently: true })!;
    const part = scene.parts[0];
    const b = part.bounds;
    const scale = Math.min(
      (element.width * 0.92) / b.width,
      (element.height * 0.86) / b.height,
      element.width / 860,
    );
    const painter = new ScenePainter(scene, scale);
    const left = (b.x + b.width / 2) * scale - element.width / 2;
    const top = (b.y + b.height / 2) * scale - element.height / 2;
    // Everyone who asks for less motion sees the cue at its middle, still.
    const still = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
    let frame = 0;
    const started = performance.now();
    let seen = true;
    let resting = false;
    const watch = new IntersectionObserver((entries) => {
      seen = entries[entries.length - 1].isIntersecting;
    });
    watch.observe(element);
    const paint = (now: number) => {
      if (!still) frame = requestAnimationFrame(paint);
      const { playing } = usePlayer.getState();
      if (!seen || (playing && resting)) return;
      resting = playing;
      const middle = (part.startMs + part.endMs) / 2;
      const at = part.startMs + ((now - started) % (part.endMs - part.startMs + PAUSE_MS));
      const t = still || playing || at >= part.endMs ? middle : at;
      context.clearRect(0, 0, element.width, element.height);
      painter.paint(context, t, left, top);
    };
    frame = requestAnimationFrame(paint);
    return () => {
      cancelAnimationFrame(frame);
      watch.disconnect();
    };
  }, [scene, width, height]);
  return <canvas ref={canvas} style={{ width, height }} aria-hidden />;
}
