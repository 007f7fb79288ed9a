import { useEffect } from 'react';
import { create } from 'zustand';
import type { Look, Track } from '../api/types';

/** A facet's value that was given and that the server's last answer need not have. */
interface Given {
  value: unknown;
  /** Of the track that has it; missing while it is on its way. */
  version?: number;
}

type Facets = Record<string, Given>;

/** By what they were given to. */
const useGiven = create<Record<string, Facets>>(() => ({}));

/**
 * Values that were just given to the look of something, so that what is made of a value is made of the newest one: the
 * second of two quick changes of one facet would otherwise take the first back.
 *
 * @param to names what was changed
 */
export function giveLook(to: string, look: Look) {
  const fresh = Object.fromEntries(Object.entries(look).map(([facet, value]) => [facet, { value }]));
  useGiven.setState((all) => ({ [to]: { ...all[to], ...fresh } }));
}

/** The result of a change: the track that has it, or null if it was refused. */
export function lookGiven(to: string, look: Look, track: Track | null) {
  useGiven.setState((all) => {
    const facets = { ...all[to] };
    for (const [facet, value] of Object.entries(look)) {
      // Something newer may have been given meanwhile.
      if (facets[facet]?.value !== value) continue;
      if (track) facets[facet] = { value, version: track.version };
      else delete facets[facet];
    }
    return { [to]: facets };
  });
}

export function takeBack(to: string, names: string[]) {
  useGiven.setState((all) => ({
    [to]: Object.fromEntries(Object.entries(all[to] ?? {}).filter(([facet]) => !names.includes(facet))),
  }));
}

/**
 * A look with what was given to it since.
 *
 * @param version of the track that the look is of
 */
export function useWithGiven<T extends { look: Look }>(
  to: string,
  version: number,
  view: T | undefined,
): T | undefined {
  const facets = useGiven((all) => all[to]);
  const stillToCome = Object.entries(facets ?? {}).filter(
    ([, given]) => !((given.version ?? Infinity) <= version),
  );
  const over = Object.keys(facets ?? {}).length > stillToCome.length;
  useEffect(() => {
    if (over) useGiven.setState({ [to]: Object.fromEntries(stillToCome) });
  });
  if (!view || stillToCome.length === 0) return view;
  const given = Object.fromEntries(stillToCome.map(([facet, { value }]) => [facet, value]));
  return { ...view, look: { ...view.look, ...given } };
}
