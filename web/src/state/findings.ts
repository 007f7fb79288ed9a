import { create } from 'zustand';
import { newestOf } from '../api/newest';
import type { Finding, Found } from '../api/types';
import { usePlayer } from '../player/player';
import { scrollToCue } from './reveal';
import { useSelection } from './selection';

interface Findings {
  /** Null before the first answer. */
  found: Found | null;
  /** The ones not dismissed, in order of time. */
  open: Finding[];
  /** Open ones by their cue. */
  byCue: Map<number, Finding[]>;
}

/** The findings of a clip's track. */
export const findings = newestOf<Found, Findings>(
  'findings',
  (found) => {
    const open = found.findings.filter((f) => f.reason === undefined);
    const byCue = new Map<number, Finding[]>();
    for (const finding of open) {
      byCue.set(finding.spot.cueId, [...(byCue.get(finding.spot.cueId) ?? []), finding]);
    }
    return { found, open, byCue };
  },
  { found: null, open: [], byCue: new Map() },
);

/** The finding that was gone to last. */
const useGoneTo = create<{ finding: Finding | null }>(() => ({ finding: null }));

const openLike = (open: Finding[], finding: Finding | null) =>
  (finding && open.find((f) => same(f, finding))) ?? null;

/** The finding in hand; null for none, or if it is no longer open. */
export function useHeld(clipId: string): Finding | null {
  const finding = useGoneTo((s) => s.finding);
  return findings.use(clipId, ({ open }) => openLike(open, finding));
}

export const nameOf = (finding: Finding) =>
  `${finding.kind} ${finding.spot.wordId || finding.spot.cueId} ${finding.spot.fromMs}`;

export const same = (one: Finding, other: Finding) => nameOf(one) === nameOf(other);

/** Goes to its worst moment and selects its word, cue or headline. */
export function goTo(finding: Finding, headlines: number[]) {
  const { spot } = finding;
  const { select } = useSelection.getState();
  useGoneTo.setState({ finding });
  if (headlines.includes(spot.cueId)) select({ kind: 'headline', id: spot.cueId });
  else if (spot.wordId) select({ kind: 'word', id: spot.wordId });
  else if (spot.cueId) select({ kind: 'cue', id: spot.cueId });
  usePlayer.getState().seek(spot.ms);
  scrollToCue(spot.cueId);
}

/** The next or previous open finding, from the selected one or from the playhead. */
export function nextFinding(clipId: string, by: 1 | -1): Finding | null {
  const { open } = findings.now(clipId);
  const held = openLike(open, useGoneTo.getState().finding);
  if (held) return open[(open.indexOf(held) + by + open.length) % open.length];
  const { timeMs } = usePlayer.getState();
  return (
    (by > 0
      ? (open.find((f) => f.spot.ms > timeMs + 1) ?? open[0])
      : (open.findLast((f) => f.spot.ms < timeMs - 1) ?? open[open.length - 1])) ?? null
  );
}
