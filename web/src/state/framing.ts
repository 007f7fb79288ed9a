import { create } from 'zustand';
import { attemptFrame } from '../api/frames';
import type { Frame, FrameLayout, Track } from '../api/types';

/** A frame that is being changed, and its layout; null if none is. */
interface Framing {
  tried: { frame: Frame; layout: FrameLayout } | null;
}

export const useFraming = create<Framing>(() => ({ tried: null }));

let wanted: { clipId: string; frame: Frame } | null = null;
let busy = false;
let round = 0;

/** Shows a frame without storing it. Of several calls in a row only the newest is sent. */
export function tryFrame(clipId: string, frame: Frame) {
  wanted = { clipId, frame };
  void next();
}

async function next() {
  if (busy || !wanted) return;
  busy = true;
  const asked = wanted;
  const asking = round;
  wanted = null;
  try {
    const layout = await attemptFrame(asked.clipId, asked.frame);
    if (asking === round) useFraming.setState({ tried: { frame: asked.frame, layout } });
  } catch {
    // What cannot be is said when it is done.
  } finally {
    busy = false;
    void next();
  }
}

export function endFraming() {
  round++;
  wanted = null;
  useFraming.setState({ tried: null });
}

/** The frame that is shown: the one that is being tried, else the track's. */
export function useShownFrame(track: Track): { frame: Frame; layout: FrameLayout } {
  const tried = useFraming((s) => s.tried);
  return tried ?? track;
}
