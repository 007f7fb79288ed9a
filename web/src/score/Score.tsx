import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef } from 'react';
import type { Track } from '../api/types';
import { usePlayer } from '../player/player';
import { CueRow } from './CueRow';
import { followClock, useLit } from './lit';
import { rowsOf } from './rows';
import { UnscriptedRow } from './UnscriptedRow';

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
  const items = useMemo(() => rowsOf(track), [track]);
  const rows = useVirtualizer({
    count: items.length,
    getScrollElement: () => page.current,
    estimateSize: () => ROW_HEIGHT,
    getItemKey: (i) => items[i].key,
    overscan: 6,
    paddingStart: 20,
    paddingEnd: 240,
  });

  useEffect(() => followClock(track), [track]);
  useEffect(
    () =>
      useLit.subscribe((lit, before) => {
        if (lit.cueId === before.cueId || lit.cueId === null || !usePlayer.getState().playing) return;
        const index = items.findIndex((row) => 'cue' in row && row.cue.id === lit.cueId);
        if (index >= 0) rows.scrollToIndex(index, { align: 'center' });
      }),
    [items, rows],
  );

  return (
    <div ref={page} role="region" aria-label="Score" className="min-w-0 flex-1 overflow-y-auto px-4">
      <div className="relative mx-auto max-w-2xl" style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().map((row) => {
          const item = items[row.index];
          return (
            <div
              key={row.key}
              ref={rows.measureElement}
              data-index={row.index}
              className="absolute inset-x-0 top-0"
              style={{ transform: `translateY(${row.start}px)` }}
            >
              {'cue' in item ? (
                <CueRow
                  clipId={clipId}
                  cue={item.cue}
                  last={item.index === track.cues.length - 1}
                  peaks={peaks}
                />
              ) : (
                <UnscriptedRow clipId={clipId} piece={item.piece} peaks={peaks} />
              )}
            </div>
          );
        })}
      </div>
    </div>
  );
}
