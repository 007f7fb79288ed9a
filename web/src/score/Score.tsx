import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef } from 'react';
import type { Track } from '../api/types';
import { usePlayer } from '../player/player';
import { CueRow } from './CueRow';
import { followClock, useLit } from './lit';

const ROW_HEIGHT = 66;

/** The page of cues: text to read, with the sound drawn under each word. It scrolls with the voice. */
export function Score({
  clipId,
  track,
  peaks,
}: {
  clipId: string;
  track: Track;
  peaks: Uint8Array | undefined;
}) {
  const page = useRef<HTMLDivElement>(null);
  const rows = useVirtualizer({
    count: track.cues.length,
    getScrollElement: () => page.current,
    estimateSize: () => ROW_HEIGHT,
    getItemKey: (i) => track.cues[i].id,
    overscan: 6,
    paddingStart: 20,
    paddingEnd: 240,
  });

  useEffect(() => followClock(track), [track]);
  useEffect(
    () =>
      useLit.subscribe((lit, before) => {
        if (lit.cueId === before.cueId || lit.cueId === null || !usePlayer.getState().playing) return;
        const index = track.cues.findIndex((cue) => cue.id === lit.cueId);
        if (index >= 0) rows.scrollToIndex(index, { align: 'center' });
      }),
    [track, rows],
  );

  return (
    <div ref={page} role="region" aria-label="Score" className="min-w-0 flex-1 overflow-y-auto px-4">
      <div className="relative mx-auto max-w-2xl" style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().map((row) => {
          const cue = track.cues[row.index];
          return (
            <div
              key={row.key}
              ref={rows.measureElement}
              data-index={row.index}
              className="absolute inset-x-0 top-0"
              style={{ transform: `translateY(${row.start}px)` }}
            >
              <CueRow clipId={clipId} cue={cue} last={row.index === track.cues.length - 1} peaks={peaks} />
            </div>
          );
        })}
      </div>
    </div>
  );
}
