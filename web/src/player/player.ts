import { create } from 'zustand';

const RATES = [0.5, 0.6, 0.75, 0.9, 1, 1.25, 1.5, 2];

/** The player's clock: clip time of the picture on the screen, from the video itself, never a wall clock. */
interface Player {
  timeMs: number;
  playing: boolean;
  durationMs: number;
  video: HTMLVideoElement | null;
  stopAtMs: number | null;
  /** It was to play before there was a picture, and begins once there is one. */
  waiting: boolean;
  /** Where a loop begins again; null when the clip plays on. */
  loopFromMs: number | null;
  /** 1 is the clip's own speed; the pitch is kept at any. */
  rate: number;
  /** Length of one frame, for stepping. */
  frameMs: number;
  clipId: string | null;
  /** Takes a clip's picture; the time stays when it is the same clip's again. */
  attach: (video: HTMLVideoElement | null, clipId: string) => void;
  shown: (timeMs: number) => void;
  seek: (timeMs: number) => void;
  /** Goes to the first frame that begins inside a word. */
  seekWord: (startMs: number) => void;
  play: (fromMs?: number, toMs?: number) => void;
  loop: (fromMs: number, toMs: number) => void;
  pause: () => void;
  toggle: () => void;
  step: (frames: number) => void;
  muted: boolean;
  mute: () => void;
  setRate: (rate: number) => void;
  faster: (steps: number) => void;
}

const start = (video: HTMLVideoElement) =>
  void video.play().catch(() => usePlayer.setState({ playing: false }));

export const usePlayer = create<Player>((set, get) => ({
  timeMs: 0,
  playing: false,
  durationMs: 0,
  video: null,
  stopAtMs: null,
  waiting: false,
  loopFromMs: null,
  rate: 1,
  muted: false,
  frameMs: 1000 / 30,
  clipId: null,
  attach: (video, clipId) => {
    const same = clipId === get().clipId || get().clipId === null;
    const timeMs = same ? get().timeMs : 0;
    const begins = same && get().waiting;
    set({ video, clipId, timeMs, playing: false, waiting: begins && !video });
    if (!begins) set({ stopAtMs: null, loopFromMs: null });
    if (!video) return;
    video.playbackRate = get().rate;
    video.muted = get().muted;
    if (timeMs > 0) video.currentTime = (timeMs + 0.5) / 1000;
    if (begins) start(video);
  },
  shown: (timeMs) => {
    const { stopAtMs, loopFromMs, video } = get();
    // A frame from before the seek that is under way says nothing about where the playhead is.
    if (video?.seeking) return;
    if (stopAtMs !== null && timeMs >= stopAtMs) {
      if (loopFromMs !== null && video) {
        video.currentTime = (loopFromMs + 0.5) / 1000;
      } else {
        set({ stopAtMs: null });
        video?.pause();
      }
    }
    set({ timeMs });
  },
  seek: (timeMs) => {
    const { video, durationMs } = get();
    const last = durationMs > 0 ? durationMs - 1 : Infinity;
    const to = Math.max(0, Math.min(last, timeMs));
    set({ timeMs: to, stopAtMs: null, loopFromMs: null });
    // A hair past the time, so that rounding never shows the frame before.
    if (video) video.currentTime = (to + 0.5) / 1000;
  },
  seekWord: (startMs) => get().seek(startMs + get().frameMs - 1),
  play: (fromMs, toMs) => {
    if (fromMs !== undefined) get().seek(fromMs);
    const { video } = get();
    set({ stopAtMs: toMs ?? null, loopFromMs: null, waiting: !video });
    if (video) start(video);
  },
  loop: (fromMs, toMs) => {
    get().play(fromMs, toMs);
    set({ loopFromMs: fromMs });
  },
  pause: () => {
    set({ stopAtMs: null, loopFromMs: null, waiting: false });
    get().video?.pause();
  },
  step: (frames) => {
    get().pause();
    get().seek(get().timeMs + frames * get().frameMs);
  },
  toggle: () => {
    const { video, waiting } = get();
    // The video itself knows first: its events come later, and the key may come before them.
    const plays = video ? !video.paused : waiting;
    if (plays) get().pause();
    else get().play();
  },
  mute: () => {
    const muted = !get().muted;
    set({ muted });
    const { video } = get();
    if (video) video.muted = muted;
  },
  setRate: (rate) => {
    set({ rate });
    const { video } = get();
    if (video) video.playbackRate = rate;
  },
  faster: (steps) => {
    const at = RATES.indexOf(get().rate) + steps;
    get().setRate(RATES[Math.max(0, Math.min(RATES.length - 1, at))]);
  },
}));
