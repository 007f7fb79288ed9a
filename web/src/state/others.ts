import { create } from 'zustand';
import type { Presence } from '../api/types';

interface Others {
  /** Other pages on which the clip is open. */
  all: Presence[];
  byCue: Map<number, Presence[]>;
}

/** Who else has the clip open, and on which cue. Rows listen to their own only. */
export const useOthers = create<Others>(() => ({ all: [], byCue: new Map() }));

export function setOthers(all: Presence[] = []) {
  const byCue = new Map<number, Presence[]>();
  for (const one of all) {
    if (one.cueId !== undefined && one.cueId !== null) {
      byCue.set(one.cueId, [...(byCue.get(one.cueId) ?? []), one]);
    }
  }
  useOthers.setState({ all, byCue });
}

export const nameOf = (one: Presence) => one.name ?? 'Another page';
