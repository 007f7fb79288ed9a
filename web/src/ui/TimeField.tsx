import { useState } from 'react';
import { usePlayer } from '../player/player';
import { exact, readTime } from '../player/time';

/** A time of the clip, to be typed. */
export function TimeField({ label, ms, set }: { label: string; ms: number; set: (ms: number) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const frameMs = usePlayer((s) => s.frameMs);
  const read = typed === null ? ms : readTime(typed, frameMs);
  const done = () => {
    if (typed !== null && read !== null && Math.round(read) !== ms) set(Math.round(read));
    setTyped(null);
  };
  return (
    <input
      aria-label={label}
      title={`${label}: m:ss.mmm, seconds, or frames such as 193f`}
      value={typed ?? exact(ms)}
      aria-invalid={read === null}
      onChange={(e) => setTyped(e.target.value)}
      onFocus={(e) => e.target.select()}
      onBlur={done}
      onKeyDown={(e) => {
        if (e.key === 'Enter') done();
        if (e.key === 'Escape') setTyped(null);
        e.stopPropagation();
      }}
      className={`w-[74px] rounded-md border bg-paper px-1.5 py-0.5 text-center ${read === null ? 'border-accent' : 'border-rule'}`}
    />
  );
}
