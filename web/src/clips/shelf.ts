import type { Clip } from '../api/types';

export const ORDERS = {
  newest: 'Newest first',
  changed: 'Last changed first',
  name: 'By name',
  client: 'By client',
  longest: 'Longest first',
} as const;
export type ShelfOrder = keyof typeof ORDERS;

const byText = (of: (clip: Clip) => string) => (a: Clip, b: Clip) =>
  of(a).localeCompare(of(b), undefined, { numeric: true });

const COMPARE: Record<ShelfOrder, (a: Clip, b: Clip) => number> = {
  newest: (a, b) => b.created.localeCompare(a.created),
  changed: (a, b) => b.changed.localeCompare(a.changed),
  name: byText((clip) => clip.name),
  client: byText((clip) => clip.client?.name ?? '\u{10ffff}'),
  longest: (a, b) => b.durationMs - a.durationMs,
};

/** The clips with that progress (all if none is given), sorted. */
export function arranged(clips: Clip[], standing: string, order: ShelfOrder): Clip[] {
  return clips.filter((clip) => !standing || clip.standing === standing).sort(COMPARE[order]);
}

/** In the order of the job. */
const PLACE: Record<Clip['standing'], number> = {
  NO_WORDS: 0,
  WORDS: 1,
  BREAKS: 2,
  STYLE: 3,
  CHECKED: 4,
  CHANGED: 5,
  DELIVERED: 6,
};

/** All kinds of progress with their labels, in the order of the job. */
export function standings(clips: Clip[]): { standing: Clip['standing']; label: string; count: number }[] {
  const all = [...new Set(clips.map((clip) => clip.standing))].sort((a, b) => PLACE[a] - PLACE[b]);
  return all.map((standing) => {
    const of = clips.filter((clip) => clip.standing === standing);
    return { standing, label: of[0].standingLabel, count: of.length };
  });
}
