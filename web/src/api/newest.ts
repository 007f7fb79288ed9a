import type { QueryKey } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { queryClient } from './queryClient';

/** What follows from the newest answer about a clip. */
export interface Newest<Part> {
  now: (clipId: string) => Part;
  /** Renders again only when the selected value changes. Select values that are the same object for the same answer. */
  use: <Shown>(clipId: string, select: (part: Part) => Shown) => Shown;
}

/** The newest answer to queries whose keys begin so; undefined if there is none. */
export function newestAnswer<Answer>(
  begin: QueryKey,
  shown: (key: QueryKey) => boolean = () => true,
): Answer | undefined {
  const answers = queryClient
    .getQueryCache()
    .findAll({ queryKey: begin })
    .filter(({ queryKey, state }) => state.data !== undefined && shown(queryKey))
    .sort((a, b) => b.state.dataUpdatedAt - a.state.dataUpdatedAt);
  return answers[0]?.state.data as Answer | undefined;
}

/**
 * Derives a value from the newest answer of queries with keys [kind, clip, …], once for each answer. Answers are stored
 * in the query cache only.
 *
 * @param none the value before the first answer
 * @param shown which of the clip's queries count; by default all
 */
export function newestOf<Answer extends object, Part>(
  kind: string,
  derive: (answer: Answer) => Part,
  none: Part,
  shown: (key: QueryKey) => boolean = () => true,
): Newest<Part> {
  const cache = queryClient.getQueryCache();
  const parts = new WeakMap<Answer, Part>();
  // The value before is shown until there is a newer one: the query of a new version has no answer at first.
  const last = new Map<string, Part>();
  const upToDate = new Set<string>();
  cache.subscribe(() => upToDate.clear());

  const now = (clipId: string): Part => {
    if (!upToDate.has(clipId)) {
      const answer = newestAnswer<Answer>([kind, clipId], shown);
      if (answer && !parts.has(answer)) parts.set(answer, derive(answer));
      if (answer) last.set(clipId, parts.get(answer)!);
      upToDate.add(clipId);
    }
    return last.get(clipId) ?? none;
  };
  return {
    now,
    use: (clipId, select) => useSyncExternalStore(subscribe, () => select(now(clipId))),
  };
}

const subscribe = (changed: () => void) => queryClient.getQueryCache().subscribe(changed);
