import { useEffect, useRef } from 'react';
import { barsAddress } from '../api/frames';
import type { Frame, FrameLayout } from '../api/types';
import { usePlayer } from '../player/player';
import { BackdropPainter } from './framing';

/**
 * The space beside a fitted clip: a colour is the stage's background; a gradient, a picture or the clip is drawn over
 * it.
 */
export function Bars({ frame, layout }: { frame: Frame; layout: FrameLayout }) {
  const address = barsAddress(frame, layout.output);
  if (address)
    return <img src={address} alt="" className="absolute inset-0 size-full" data-testid="bars-picture" />;
  return layout.backdrop ? <Backdrop turn={frame.turn ?? 0} layout={layout} /> : null;
}

function Backdrop({ turn, layout }: { turn: number; layout: FrameLayout }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const video = usePlayer((s) => s.video);
  useEffect(() => {
    const context = canvas.current!.getContext('2d')!;
    if (!video) return;
    const painter = new BackdropPainter();
    const paint = () => video.readyState >= 2 && painter.paint(context, video, layout, turn);
    paint();
    const stop = usePlayer.subscribe((s, before) => s.timeMs !== before.timeMs && paint());
    video.addEventListener('loadeddata', paint);
    video.addEventListener('seeked', paint);
    return () => {
      stop();
      video.removeEventListener('loadeddata', paint);
      video.removeEventListener('seeked', paint);
    };
  }, [video, layout, turn]);
  // Nothing in it is sharp: half the output's pixels are plenty.
  return (
    <canvas
      ref={canvas}
      width={Math.round(layout.output.width / 2)}
      height={Math.round(layout.output.height / 2)}
      className="absolute inset-0 size-full"
      data-testid="backdrop"
    />
  );
}
