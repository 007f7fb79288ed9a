import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef } from 'react';
import type { Clip, Cue, Track } from '../api/types';
import { usePanels } from '../state/panels';
import { useTranslation } from '../api/translations';
import { usePlayer } from '../player/player';
import { useReveal } from '../state/reveal';
import { useSelection } from '../state/selection';
import { CueRow } from './CueRow';
import { followClock, useLit } from '../state/lit';
import { HeadlineRow } from './HeadlineRow';
import { RestRow } from './RestRow';
import { rowsOf } from '../state/rows';
import { UnscriptedRow } from './UnscriptedRow';

const ROW_HEIGHT = 66;

/** The page of cues: text to read, with the sound drawn under each word. It scrolls with the voice. */
export function Score({ clip, track, peaks }: { clip: Clip; track: Track; peaks: Uint8Array | undefined }) {
  const page = useRef<HTMLDivElement>(null);
  const items = useMemo(() => rowsOf(track), [track]);
  const beside = usePanels((s) => s.beside);
  const translation = useTranslation(clip.id, beside, track.version);
  const translated = useMemo(
    () => new Map<number, Cue>((beside ? (translation.data?.cues ?? []) : []).map((c) => [c.id, c])),
    [beside, translation.data],
  );
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
  useEffect(
    () =>
      useReveal.subscribe(({ asked }) => {
        if (!asked) return;
        const index = items.findIndex((row) =>
          'wordId' in asked
            ? 'cue' in row && row.cue.words.some((w) => w.id === asked.wordId)
            : ('cue' in row && row.cue.id === asked.cueId) ||
              ('headline' in row && row.headline.id === asked.cueId),
        );
        if (index >= 0) rows.scrollToIndex(index, { align: 'auto' });
      }),
    [items, rows],
  );

  useEffect(
    () =>
      useSelection.subscribe(({ typing }, before) => {
        if (typing === before.typing || !typing || !('restFromMs' in typing)) return;
        const index = items.findIndex((row) => 'rest' in row && row.fromMs === typing.restFromMs);
        if (index >= 0) rows.scrollToIndex(index, { align: 'auto' });
      }),
    [items, rows],
  );

  return (
    <div
      ref={page}
      role="region"
      aria-label="Score"
      tabIndex={0}
      className="@container min-h-0 min-w-0 flex-1 overflow-y-auto px-4 outline-none max-[699px]:px-1"
    >
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
                  clip={clip}
                  cue={item.cue}
                  last={item.index === track.cues.length - 1}
                  peaks={peaks}
                  beside={beside}
                  translated={translated.get(item.cue.id)}
                  speaker={item.cue.turn ? (track.speakers[item.cue.speaker - 1]?.name ?? null) : null}
                />
              ) : 'headline' in item ? (
                <HeadlineRow clip={clip} headline={item.headline} />
              ) : 'rest' in item ? (
                <RestRow clipId={clip.id} fromMs={item.fromMs} toMs={item.toMs} />
              ) : (
                <UnscriptedRow clipId={clip.id} piece={item.piece} peaks={peaks} />
              )}
            </div>
          );
        })}
      </div>
    </div>
  );
}
