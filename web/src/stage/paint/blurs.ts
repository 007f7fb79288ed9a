import { drawBlurred } from './gaussian';
import type { Layers } from './layers';
import type { PaintTarget } from './paintTarget';

/** Sharp, and the blurs between which every other one is mixed, sigma in output pixels: below 2 the twins differ. */
const SIGMAS = [0, 2, 6, 12, 24, 48];

/**
 * One group's picture, sharp and in the blurs that every other one is mixed of; kept while the group holds what it held,
 * because a blur costs far more than mixing two.
 */
export class Blurs {
  private readonly kept = new Map<number, PaintTarget>();
  private held: string | null = null;

  constructor(private readonly layers: Layers) {}

  /**
   * @param mixed what the blurred picture is laid on, clean
   * @param sigma output pixels
   * @param holds what the group's picture depends on
   * @param sharp paints it
   */
  paint(mixed: PaintTarget, sigma: number, holds: string, sharp: () => PaintTarget) {
    if (holds !== this.held) {
      this.close();
      this.held = holds;
      this.kept.set(SIGMAS[0], sharp());
    }
    let upper = 1;
    while (upper + 1 < SIGMAS.length && SIGMAS[upper] < sigma) upper++;
    const share = Math.min(1, (sigma - SIGMAS[upper - 1]) / (SIGMAS[upper] - SIGMAS[upper - 1]));
    this.add(mixed, SIGMAS[upper - 1], 1 - share);
    this.add(mixed, SIGMAS[upper], share);
  }

  private add(mixed: PaintTarget, sigma: number, share: number) {
    if (share <= 0) return;
    let layer = this.kept.get(sigma);
    if (!layer) {
      layer = this.blurred(sigma);
      this.kept.set(sigma, layer);
    }
    this.layers.copy(mixed, layer, share, 'lighter');
  }

  private blurred(sigma: number): PaintTarget {
    const sharp = this.kept.get(SIGMAS[0])!;
    const room = Math.ceil(3 * sigma);
    const soft = this.layers.around(sharp, room);
    drawBlurred(soft.canvas, sharp.canvas.canvas, sharp.width, sharp.height, sigma, room);
    return soft;
  }

  close() {
    for (const layer of this.kept.values()) this.layers.give(layer);
    this.kept.clear();
    this.held = null;
  }
}
