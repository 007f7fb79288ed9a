import { useEffect, useRef } from 'react';
import type { Beside } from './Reference';

/** Black where both are equal. */
export function Difference(props: {
  result: HTMLVideoElement | null;
  beside: Beside;
  width: number;
  height: number;
}) {
  const { result, beside, width, height } = props;
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const element = canvas.current!;
    if (!result) return;
    element.width = Math.max(1, width);
    element.height = Math.max(1, height);
    const context = element.getContext('2d')!;
    let request = 0;
    let before = '';
    const paint = () => {
      request = requestAnimationFrame(paint);
      const other = document.querySelector<HTMLCanvasElement>('[data-testid=reference] canvas');
      if (!other || other.width === 0 || result.readyState < 2) return;
      const now = `${result.currentTime} ${other.dataset.paintedMs} ${beside}`;
      // At rest the last picture may come a moment after its time is reported.
      if (now === before && result.paused && Number(element.dataset.still) > 20) return;
      element.dataset.still = now === before ? String(Number(element.dataset.still ?? 0) + 1) : '0';
      before = now;
      context.filter = 'none';
      context.globalCompositeOperation = 'copy';
      context.drawImage(result, 0, 0, element.width, element.height);
      context.globalCompositeOperation = 'difference';
      context.drawImage(other, 0, 0, element.width, element.height);
      context.globalCompositeOperation = 'lighter';
      for (let i = 0; i < 3; i++) context.drawImage(element, 0, 0);
    };
    request = requestAnimationFrame(paint);
    return () => cancelAnimationFrame(request);
  }, [result, beside, width, height]);
  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label="Difference"
      style={{ width, height }}
      className="rounded-[3px] bg-stage"
    />
  );
}
