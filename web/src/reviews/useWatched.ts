import { useCallback, useEffect, useState } from 'react';

export interface Watched {
  timeMs: number;
  playing: boolean;
  seek: (ms: number) => void;
  pause: () => void;
  toggle: () => void;
}

/** The clock and the controls of a video. */
export function useWatched(video: HTMLVideoElement | null): Watched {
  const [timeMs, setTimeMs] = useState(0);
  const [playing, setPlaying] = useState(false);
  useEffect(() => {
    if (!video) return;
    const tell = () => setTimeMs(video.currentTime * 1000);
    const play = () => setPlaying(true);
    const pause = () => setPlaying(false);
    let request = 0;
    const onFrame = () => {
      tell();
      request = video.requestVideoFrameCallback(onFrame);
    };
    request = video.requestVideoFrameCallback(onFrame);
    video.addEventListener('seeking', tell);
    video.addEventListener('play', play);
    video.addEventListener('pause', pause);
    return () => {
      video.cancelVideoFrameCallback(request);
      video.removeEventListener('seeking', tell);
      video.removeEventListener('play', play);
      video.removeEventListener('pause', pause);
    };
  }, [video]);
  const seek = useCallback(
    (ms: number) => {
      setTimeMs(ms);
      if (video) video.currentTime = ms / 1000;
    },
    [video],
  );
  const pause = useCallback(() => video?.pause(), [video]);
  const toggle = useCallback(() => {
    if (video?.paused) void video.play().catch(() => undefined);
    else video?.pause();
  }, [video]);
  return { timeMs, playing, seek, pause, toggle };
}
