import { create } from 'zustand';
import type { Finding, Found } from '../api/types';
import { usePlayer } from '../player/player';
import { scrollToCue } from './reveal';
import { useSelection } from './selection';

interface Findings {
  /** Of the track on the bench; null before the first are there. */
  found: Found | null;
  /** The ones not dismissed, in order of time. */
  open: Finding[];
  /** Open ones by their cue. */
  byCue: Map<number, Finding[]>;
  /** The one in hand, by its place among the open ones in time; null for none. */
  held: Finding | null;
}

export const useFindingsNow = create<Findings>(() => ({
  found: null,
  open: [],
  byCue: new Map(),
  held: null,
}));

export function setFound(found: Found | undefined) {
  const open = found?.findings.filter((f) => f.reason === undefined) ?? [];
  const byCue = new Map<number, Finding[]>();
  for (const finding of open) {
    byCue.set(finding.spot.cueId, [...(byCue.get(finding.spot.cueId) ?? []), finding]);
  }
  const { held } = useFindingsNow.getState();
  useFindingsNow.setState({
    found: found ?? null,
    open,
    byCue,
    held: open.find((f) => held && same(f, held)) ?? null,
  });
}

export const nameOf = (finding: Finding) =>
  `${finding.kind} ${finding.spot.wordId || finding.spot.cueId} ${finding.spot.fromMs}`;

export const same = (one: Finding, other: Finding) => nameOf(one) === nameOf(other);

/** Goes to its worst moment and selects its word, cue or headline. */
export function goTo(finding: Finding, headlines: number[]) {
  const { spot } = finding;
  const { select } = useSelection.getState();
  useFindingsNow.setState({ held: finding });
  if (headlines.includes(spot.cueId)) select({ kind: 'headline', id: spot.cueId });
  else if (spot.wordId) select({ kind: 'word', id: spot.wordId });
  else if (spot.cueId) select({ kind: 'cue', id: spot.cueId });
  usePlayer.getState().seek(spot.ms);
  scrollToCue(spot.cueId);
}

/** The next or previous open finding, from the selected one or from the playhead. */
export function nextFinding(by: 1 | -1): Finding | null {
  const { open, held } = useFindingsNow.getState();
  const at = held ? open.findIndex((f) => same(f, held)) : -1;
  if (at >= 0) return open[(at + by + open.length) % open.length] ?? null;
  const { timeMs } = usePlayer.getState();
  return (
    (by > 0
      ? (open.find((f) => f.spot.ms > timeMs + 1) ?? open[0])
      : (open.findLast((f) => f.spot.ms < timeMs - 1) ?? open[open.length - 1])) ?? null
  );
}
