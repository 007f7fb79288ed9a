/** Lines to which a dragged caption snaps, as parts of the picture: its middle to some, its edges to the safe area's. */
export interface Line {
  at: number;
  /** What of the caption meets it. */
  by: 'middle' | 'start' | 'end';
}

export interface Lines {
  x: Line[];
  y: Line[];
}

/** A caption along one side of the picture. */
export interface Extent {
  middle: number;
  start: number;
  end: number;
}

/** Snapping distance, as a part of the picture. */
const NEAR = 0.012;

/** The middle, the thirds and the edges of the safe area. */
export function linesOf(safe: { x: number; y: number; width: number; height: number }): Lines {
  const along = (start: number, length: number): Line[] => [
    ...[0.5, 1 / 3, 2 / 3].map((at) => ({ at, by: 'middle' as const })),
    { at: start, by: 'start' },
    { at: start + length, by: 'end' },
  ];
  return { x: along(safe.x, safe.width), y: along(safe.y, safe.height) };
}

/** The nearest line within reach, and what it was reached with. */
export interface Snap {
  line: number;
  by: number;
}

/**
 * @param lines the last two are the safe area's edges
 * @returns by how much to move on so that a line is met; null when none is near, or where that would leave the caption
 *   outside of the safe area although it has room in it
 */
export function snap(caption: Extent, lines: Line[]): Snap | null {
  const [start, end] = lines.slice(-2).map((line) => line.at);
  const room = end - start >= caption.end - caption.start;
  let best: Snap | null = null;
  for (const line of lines) {
    const by = line.at - caption[line.by];
    const out = Math.max(start - (caption.start + by), caption.end + by - end);
    if (Math.abs(by) > NEAR || (room && out > 1e-9)) continue;
    if (best === null || Math.abs(by) < Math.abs(best.by) - 1e-9) best = { line: line.at, by };
  }
  return best;
}
