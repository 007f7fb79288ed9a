import type { Box, Shadow, PaintLayer, Plate } from '../../api/types';
import { joined, scaleOf, wayOf, type Affine } from './affine';
import { fillSingle, paintCoats, singleColour } from './paintLayersPainter';
import { grown, inkAt } from './inkBounds';
import type { Layers } from './layers';
import type { MarkState } from './markState';
import { solid } from './paints';
import { roundedBox } from './shapes';
import type { Canvas, PaintTarget } from './paintTarget';

/** Paints a rounded box, as wide as its extent. */
export class PlatePainter {
  constructor(
    private readonly layers: Layers,
    private readonly scale: number,
  ) {}

  paint(target: PaintTarget, plate: Plate, state: MarkState, around: Affine) {
    const way = joined(around, wayOf(plate.pose, state));
    const box = { x: plate.x, y: plate.y, width: plate.width * state.extent, height: plate.height };
    const radius = Math.min(plate.radius, box.width / 2);
    const path = roundedBox(box, radius);
    const coats = plate.coats as PaintLayer[];
    const colour = singleColour(coats, state.fill);
    if (colour !== null) {
      target.go(way, this.scale);
      fillSingle(target.canvas, path, colour, state.opacity);
      return;
    }
    const faded = state.opacity < 1;
    const on = faded ? this.layers.take(target, inkAt(plate, state, around), this.scale) : target;
    if (!on) return;
    on.go(way, this.scale);
    paintCoats(on.canvas, path, coats, state.fill, {
      soft: (cast) => this.soft(on, box, radius, cast, way),
      silhouette: (cast) => silhouette(on.canvas, box, radius, cast),
    });
    if (faded) this.layers.lay(target, on, state.opacity);
  }

  /** The box is filled out of sight, four widths to the left; its blurred shadow comes back from there. */
  private soft(on: PaintTarget, box: Box, radius: number, cast: Shadow, way: Affine) {
    const { canvas } = on;
    const away = 4 * canvas.canvas.width;
    const shifted = { ...way, e: way.e + way.a * cast.dx + way.c * cast.dy - away / this.scale };
    shifted.f = way.f + way.b * cast.dx + way.d * cast.dy;
    on.go(shifted, this.scale);
    canvas.shadowColor = solid(cast.colour, 1);
    canvas.shadowBlur = 2 * cast.sigma * scaleOf(way) * this.scale;
    canvas.shadowOffsetX = away;
    canvas.fillStyle = '#000000';
    canvas.fill(roundedBox(grown(box, cast.grow), radius + cast.grow));
    canvas.shadowColor = 'transparent';
    canvas.shadowBlur = 0;
    canvas.shadowOffsetX = 0;
    on.go(way, this.scale);
  }
}

/** The box itself is as simple grown as not. */
function silhouette(canvas: Canvas, box: Box, radius: number, cast: Shadow) {
  canvas.fillStyle = solid(cast.colour, 1);
  canvas.fill(roundedBox(grown(box, cast.grow), radius + cast.grow));
}
