import type { Box, FrameLayout } from '../api/types';
import { drawBlurred } from './paint/gaussian';

/** How much of the picture is cropped: to the nearest pixel, then to the even one at or before it. */
const even = (corner: number) => -2 * Math.floor(Math.round(-corner) / 2);

/** The picture's position at a time, cropped as in the burn. */
export function pictureAt(layout: FrameLayout, ms: number): Box {
  const { picture, moves } = layout;
  if (moves.length === 0) return picture;
  const after = moves.findIndex((m) => m.ms > ms);
  const to = moves[after === -1 ? moves.length - 1 : after];
  const from = after > 0 ? moves[after - 1] : to;
  const u = to === from ? 0 : Math.max(0, (ms - from.ms) / (to.ms - from.ms));
  const way = u * u * (3 - 2 * u);
  return {
    ...picture,
    x: even(from.x + (to.x - from.x) * way),
    y: even(from.y + (to.y - from.y) * way),
  };
}

/** Style of a video that fills that box of the output once it is turned. */
export function placed(layout: FrameLayout, box: Box, turn: number): React.CSSProperties {
  const { output } = layout;
  const across = turn % 180 !== 0;
  const width = across ? box.height : box.width;
  const height = across ? box.width : box.height;
  return {
    left: `${(100 * (box.x + box.width / 2 - width / 2)) / output.width}%`,
    top: `${(100 * (box.y + box.height / 2 - height / 2)) / output.height}%`,
    width: `${(100 * width) / output.width}%`,
    height: `${(100 * height) / output.height}%`,
    transform: turn ? `rotate(${turn}deg)` : undefined,
  };
}

/** Draws a turned video, or a part of it in pixels of its turned picture, into a box of a canvas. */
export function drawTurned(
  context: CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D,
  video: HTMLVideoElement,
  layout: FrameLayout,
  turn: number,
  part: Box | null,
  to: Box,
) {
  const whole = part ?? { x: 0, y: 0, width: layout.turned.width, height: layout.turned.height };
  context.save();
  context.beginPath();
  context.rect(to.x, to.y, to.width, to.height);
  context.clip();
  context.translate(to.x, to.y);
  context.scale(to.width / whole.width, to.height / whole.height);
  context.translate(-whole.x, -whole.y);
  context.translate(layout.turned.width / 2, layout.turned.height / 2);
  context.rotate((turn * Math.PI) / 180);
  const across = turn % 180 !== 0;
  const width = across ? layout.turned.height : layout.turned.width;
  const height = across ? layout.turned.width : layout.turned.height;
  context.drawImage(video, -width / 2, -height / 2, width, height);
  context.restore();
}

/** The clip itself as its bars show it: small, blurred and darkened, ready to be drawn over the whole output. */
export class BackdropPainter {
  private readonly small = new OffscreenCanvas(2, 2);
  private readonly soft = new OffscreenCanvas(2, 2);

  paint(context: CanvasRenderingContext2D, video: HTMLVideoElement, layout: FrameLayout, turn: number) {
    const { part, small, sigma, light } = layout.backdrop!;
    // The edge goes on outside, as the burn's blur takes it.
    const rim = Math.ceil(3 * sigma);
    for (const canvas of [this.small, this.soft]) {
      if (canvas.width !== small.width + 2 * rim) canvas.width = small.width + 2 * rim;
      if (canvas.height !== small.height + 2 * rim) canvas.height = small.height + 2 * rim;
    }
    const plain = this.small.getContext('2d')!;
    plain.imageSmoothingQuality = 'high';
    drawTurned(plain, video, layout, turn, part, { x: rim, y: rim, ...small });
    extend(plain, rim, small.width, small.height);
    const soft = this.soft.getContext('2d')!;
    soft.clearRect(0, 0, this.soft.width, this.soft.height);
    drawBlurred(soft, this.small, this.small.width, this.small.height, sigma, 0);
    // Darker by as much as a filter of that brightness makes it.
    soft.globalCompositeOperation = 'source-atop';
    soft.fillStyle = `rgb(0 0 0 / ${1 - light})`;
    soft.fillRect(0, 0, this.soft.width, this.soft.height);
    soft.globalCompositeOperation = 'source-over';
    const { width, height } = context.canvas;
    context.imageSmoothingEnabled = true;
    context.imageSmoothingQuality = 'low';
    context.drawImage(this.soft, rim, rim, small.width, small.height, 0, 0, width, height);
  }
}

/** Extends the edges of the area inside the rim outwards. */
function extend(c: OffscreenCanvasRenderingContext2D, rim: number, width: number, height: number) {
  const canvas = c.canvas;
  c.drawImage(canvas, rim, rim, 1, height, 0, rim, rim, height);
  c.drawImage(canvas, rim + width - 1, rim, 1, height, rim + width, rim, rim, height);
  c.drawImage(canvas, 0, rim, width + 2 * rim, 1, 0, 0, width + 2 * rim, rim);
  c.drawImage(canvas, 0, rim + height - 1, width + 2 * rim, 1, 0, rim + height, width + 2 * rim, rim);
}
