/** Lines to which a dragged caption snaps, as parts of the picture. */
export interface Lines {
  x: number[];
  y: number[];
}

/** Snapping distance, as a part of the picture. */
const NEAR = 0.012;

/** The middle, the thirds and the edges of the safe area. */
export function linesOf(safe: { x: number; y: number; width: number; height: number }): Lines {
  return {
    x: [0.5, 1 / 3, 2 / 3, safe.x, safe.x + safe.width],
    y: [0.5, 1 / 3, 2 / 3, safe.y, safe.y + safe.height],
  };
}

/** The nearest line within reach, and what it was reached with. */
export interface Snap {
  line: number;
  by: number;
}

/**
 * @param edges of what is dragged, any of which may meet a line; the first wins where two are as near
 * @returns by how much to move on so that one does; null when none is near
 */
export function snap(edges: number[], lines: number[]): Snap | null {
  let best: Snap | null = null;
  for (const edge of edges) {
    for (const line of lines) {
      const by = line - edge;
      if (Math.abs(by) <= NEAR && (best === null || Math.abs(by) < Math.abs(best.by) - 1e-9)) {
        best = { line, by };
      }
    }
  }
  return best;
}
