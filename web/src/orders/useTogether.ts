import { useCallback, useEffect, useState } from 'react';

/** Maximum difference while playing, seconds; beyond it the second video is moved. */
const APART = 0.05;

/** Two videos that are played and scrubbed as one; the first leads. */
export function useTogether(lead: HTMLVideoElement | null, follow: HTMLVideoElement | null) {
  const [seconds, setSeconds] = useState(0);
  const [playing, setPlaying] = useState(false);
  useEffect(() => {
    if (!lead || !follow) return;
    const tell = () => setSeconds(lead.currentTime);
    const align = () => {
      if (Math.abs(follow.currentTime - lead.currentTime) > (lead.paused ? 0.0005 : APART)) {
        follow.currentTime = lead.currentTime;
      }
    };
    const play = () => {
      align();
      setPlaying(true);
      void follow.play().catch(() => undefined);
    };
    const pause = () => {
      setPlaying(false);
      follow.pause();
      align();
    };
    const beat = () => {
      tell();
      align();
    };
    lead.addEventListener('timeupdate', beat);
    lead.addEventListener('seeking', beat);
    lead.addEventListener('play', play);
    lead.addEventListener('pause', pause);
    lead.addEventListener('ended', pause);
    return () => {
      lead.removeEventListener('timeupdate', beat);
      lead.removeEventListener('seeking', beat);
      lead.removeEventListener('play', play);
      lead.removeEventListener('pause', pause);
      lead.removeEventListener('ended', pause);
    };
  }, [lead, follow]);
  const seek = useCallback(
    (to: number) => {
      if (lead) lead.currentTime = to;
      setSeconds(to);
    },
    [lead],
  );
  const toggle = useCallback(() => {
    if (!lead) return;
    if (lead.paused) void lead.play().catch(() => undefined);
    else lead.pause();
  }, [lead]);
  return { seconds, playing, seek, toggle };
}
