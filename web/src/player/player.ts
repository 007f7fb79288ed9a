import { create } from 'zustand';

/** The player's clock: clip time of the picture on the screen, from the video itself, never a wall clock. */
interface Player {
  timeMs: number;
  playing: boolean;
  durationMs: number;
  video: HTMLVideoElement | null;
  stopAtMs: number | null;
  /** Length of one frame, for stepping. */
  frameMs: number;
  attach: (video: HTMLVideoElement | null) => void;
  shown: (timeMs: number) => void;
  seek: (timeMs: number) => void;
  /** Goes to the first frame that begins inside a word. */
  seekWord: (startMs: number) => void;
  play: (fromMs?: number, toMs?: number) => void;
  pause: () => void;
  toggle: () => void;
  step: (frames: number) => void;
}

export const usePlayer = create<Player>((set, get) => ({
  timeMs: 0,
  playing: false,
  durationMs: 0,
  video: null,
  stopAtMs: null,
  frameMs: 1000 / 30,
  attach: (video) => set({ video, timeMs: 0, playing: false, stopAtMs: null }),
  shown: (timeMs) => {
    const { stopAtMs, video } = get();
    if (stopAtMs !== null && timeMs >= stopAtMs) {
      set({ stopAtMs: null });
      video?.pause();
    }
    set({ timeMs });
  },
  seek: (timeMs) => {
    const { video, durationMs } = get();
    const to = Math.max(0, Math.min(durationMs - 1, timeMs));
    set({ timeMs: to, stopAtMs: null });
    // A hair past the time, so that rounding never shows the frame before.
    if (video) video.currentTime = (to + 0.5) / 1000;
  },
  seekWord: (startMs) => get().seek(startMs + get().frameMs - 1),
  play: (fromMs, toMs) => {
    if (fromMs !== undefined) get().seek(fromMs);
    set({ stopAtMs: toMs ?? null });
    void get()
      .video?.play()
      .catch(() => set({ playing: false }));
  },
  pause: () => get().video?.pause(),
  step: (frames) => {
    get().pause();
    get().seek(get().timeMs + frames * get().frameMs);
  },
  toggle: () => (get().playing ? get().pause() : get().play()),
}));
