import { memo } from 'react';

const PEAKS_A_SECOND = 100;
const HEIGHT = 40;

/** The sound of one word, drawn under it at the word's width. */
export const Groove = memo(function Groove({
  peaks,
  startMs,
  endMs,
}: {
  peaks: Uint8Array | undefined;
  startMs: number;
  endMs: number;
}) {
  const from = Math.floor((startMs * PEAKS_A_SECOND) / 1000);
  const to = Math.max(from + 2, Math.ceil((endMs * PEAKS_A_SECOND) / 1000));
  const count = to - from;
  let upper = '';
  let lower = '';
  for (let i = 0; i < count; i++) {
    const half = 0.6 + ((peaks?.[from + i] ?? 0) / 255) * (HEIGHT / 2 - 1) * 1.25;
    const h = Math.min(HEIGHT / 2 - 1, half).toFixed(1);
    upper += `${i === 0 ? 'M' : 'L'}${i + 0.5} ${(HEIGHT / 2 - Number(h)).toFixed(1)}`;
    lower = `L${i + 0.5} ${(HEIGHT / 2 + Number(h)).toFixed(1)}` + lower;
  }
  return (
    <svg
      viewBox={`0 0 ${count} ${HEIGHT}`}
      preserveAspectRatio="none"
      aria-hidden
      className="block h-[18px] w-full"
    >
      <path d={upper + lower + 'Z'} fill="currentColor" />
    </svg>
  );
});
