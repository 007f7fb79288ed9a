import { Square, Volume2 } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { useSoundPeaks } from '../../api/hearing';
import { useListenTo } from '../../api/queries';
import type { Clip } from '../../api/types';
import { usePlayer } from '../../player/player';

/** Chooses the stream or channel to recognise, each with a small waveform and a button to play it. */
export function SoundPart({ clip }: { clip: Clip }) {
  const listenTo = useListenTo(clip.id);
  const audio = useRef<HTMLAudioElement>(null);
  const [heard, setHeard] = useState<string | null>(null);
  useEffect(() => () => audio.current?.pause(), []);
  if (clip.soundChoices.length < 2) return null;
  const hear = (choice: string) => {
    if (heard === choice) {
      audio.current!.pause();
      setHeard(null);
      return;
    }
    usePlayer.getState().pause();
    setHeard(choice);
    audio.current!.src = `/api/clips/${clip.id}/sounds/${choice}/sample`;
    audio.current!.play().catch(() => setHeard(null));
  };
  return (
    <fieldset>
      <legend className="mb-1 text-note text-soft">Listen to</legend>
      <audio ref={audio} onEnded={() => setHeard(null)} />
      {clip.soundChoices.map(({ choice, label }) => (
        <div key={choice} className="flex items-center gap-2 py-0.5">
          <label className="flex min-w-0 flex-1 items-center gap-2">
            <input
              type="radio"
              name="sound"
              checked={clip.sound === choice}
              onChange={() => listenTo.mutate(choice)}
              className="accent-accent"
            />
            <span className="min-w-0 flex-1 truncate">{label}</span>
          </label>
          <Wave clipId={clip.id} choice={choice} />
          <button
            onClick={() => hear(choice)}
            aria-label={heard === choice ? `Stop ${label}` : `Hear ${label}`}
            title={heard === choice ? 'Stop' : 'Hear its first seconds'}
            className="rounded-md p-1 text-soft hover:bg-sunk hover:text-ink"
          >
            {heard === choice ? <Square size={15} /> : <Volume2 size={15} />}
          </button>
        </div>
      ))}
    </fieldset>
  );
}

const BARS = 36;

function Wave({ clipId, choice }: { clipId: string; choice: string }) {
  const peaks = useSoundPeaks(clipId, choice).data;
  const bars = Array.from({ length: BARS }, (_, i) => {
    if (!peaks || peaks.length === 0) return 0;
    const from = Math.floor((i / BARS) * peaks.length);
    const to = Math.max(from + 1, Math.floor(((i + 1) / BARS) * peaks.length));
    return peaks.slice(from, to).reduce((a, b) => Math.max(a, b), 0) / 255;
  });
  return (
    <svg viewBox={`0 0 ${BARS * 2} 16`} aria-hidden className="h-4 w-[72px] flex-none text-groove">
      {bars.map((bar, i) => (
        <rect
          key={i}
          x={i * 2}
          y={8 - Math.max(0.5, bar * 8)}
          width={1.2}
          height={Math.max(1, bar * 16)}
          fill="currentColor"
        />
      ))}
    </svg>
  );
}
