import type { Part, Scene } from '../../api/types';

/** The twin of core's Timeline: what of a scene is alive at a time, in the order in which it is drawn. */
export class Timeline {
  private readonly parts: Part[];
  /** For each part the latest end of it and of all before it: where none reaches a time, none further back does. */
  private readonly latestEnd: number[];

  constructor(scene: Scene) {
    this.parts = scene.parts;
    let latest = 0;
    this.latestEnd = this.parts.map((part) => (latest = Math.max(latest, part.endMs)));
  }

  alive(t: number): Part[] {
    const alive: Part[] = [];
    for (let i = this.firstAfter(t) - 1; i >= 0 && this.latestEnd[i] > t; i--) {
      if (this.parts[i].endMs > t) alive.unshift(this.parts[i]);
    }
    return alive.sort((a, b) => a.depth - b.depth);
  }

  /** The first part that begins later than t. */
  next(t: number): Part | null {
    return this.parts[this.firstAfter(t)] ?? null;
  }

  private firstAfter(t: number): number {
    let low = 0;
    let high = this.parts.length;
    while (low < high) {
      const mid = (low + high) >>> 1;
      if (this.parts[mid].startMs > t) high = mid;
      else low = mid + 1;
    }
    return low;
  }
}
