import { offscreen, type Canvas } from './paintTarget';

/** Whether drawing on it can blur: Safari's canvas has no filter. */
const canFilter = (context: Canvas) => typeof context.filter === 'string';

/**
 * Draws a part of a picture from its corner, blurred.
 *
 * @param sigma pixels, at least 2
 * @param room margin at its left and top; the same is free at its right and bottom
 */
export function drawBlurred(
  context: Canvas,
  picture: Canvas['canvas'],
  width: number,
  height: number,
  sigma: number,
  room: number,
) {
  if (canFilter(context)) {
    context.filter = `blur(${sigma}px)`;
    context.drawImage(picture, 0, 0, width, height, room, room, width, height);
    context.filter = 'none';
    return;
  }
  const across = width + 2 * room;
  const down = height + 2 * room;
  const canvas = offscreen(across, down);
  canvas.drawImage(picture, 0, 0, width, height, room, room, width, height);
  const pixels = canvas.getImageData(0, 0, across, down);
  blur(pixels.data, across, down, sigma);
  canvas.putImageData(pixels, 0, 0);
  context.drawImage(canvas.canvas, 0, 0);
}

/**
 * Blurs as the filters of other engines and the burn do: three boxes, one after the other, as wide as SVG says (Scalable Vector
 * Graphics 1.1, 15.17, feGaussianBlur), along rows and then along columns.
 * @param data red, green, blue, alpha, as ImageData has them: not multiplied by alpha
 */
export function blur(data: Uint8ClampedArray, width: number, height: number, sigma: number) {
  const window = Math.max(1, Math.floor((sigma * 3 * Math.sqrt(2 * Math.PI)) / 4 + 0.5));
  for (let i = 0; i < data.length; i += 4) {
    for (let c = 0; c < 3; c++) data[i + c] = (data[i + c] * data[i + 3]) / 255;
  }
  const line = new Float64Array(Math.max(width, height));
  for (let y = 0; y < height; y++) {
    for (let c = 0; c < 4; c++) blurLine(data, y * width * 4 + c, 4, width, window, line);
  }
  for (let x = 0; x < width; x++) {
    for (let c = 0; c < 4; c++) blurLine(data, x * 4 + c, width * 4, height, window, line);
  }
  for (let i = 0; i < data.length; i += 4) {
    const alpha = data[i + 3];
    for (let c = 0; c < 3; c++) data[i + c] = alpha === 0 ? 0 : (data[i + c] * 255) / alpha;
  }
}

/**
 * For an even width two boxes are shifted half a pixel to either side, and the third is one wider. The area outside
 * the line is empty.
 */
function blurLine(
  data: Uint8ClampedArray,
  first: number,
  step: number,
  length: number,
  window: number,
  line: Float64Array,
) {
  for (let i = 0; i < length; i++) line[i] = data[first + i * step];
  const half = Math.floor(window / 2);
  const odd = window % 2 === 1;
  box(line, length, half, odd ? half : half - 1);
  box(line, length, odd ? half : half - 1, half);
  box(line, length, half, half);
  const divisor = window * window * (odd ? window : window + 1);
  for (let i = 0; i < length; i++) data[first + i * step] = line[i] / divisor;
}

/** Sums of so many before and after. */
function box(line: Float64Array, length: number, before: number, after: number) {
  const values = line.slice(0, length);
  let sum = 0;
  for (let i = 0; i < Math.min(after, length); i++) sum += values[i];
  for (let i = 0; i < length; i++) {
    if (i + after < length) sum += values[i + after];
    line[i] = sum;
    if (i - before >= 0) sum -= values[i - before];
  }
}
