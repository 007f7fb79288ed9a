import { expect, it } from 'vitest';
import { blur } from './gaussian';

const SIDE = 61;
const MIDDLE = (30 * SIDE + 30) * 4;

/** One pixel of a colour in a clear picture. */
function dot(red: number, alpha: number) {
  const data = new Uint8ClampedArray(SIDE * SIDE * 4);
  data.set([red, 0, 0, alpha], MIDDLE);
  return data;
}

/** A line across, wide enough that rounding to 256 steps does not count. */
function bar(width: number) {
  const data = new Uint8ClampedArray(SIDE * SIDE * 4);
  for (let y = 0; y < SIDE; y++) for (let x = 0; x < width; x++) data[(y * SIDE + 30 + x) * 4 + 3] = 255;
  return data;
}

const alphas = (data: Uint8ClampedArray, y = 30) =>
  Array.from({ length: SIDE }, (_, x) => data[(y * SIDE + x) * 4 + 3]);

it.each([2, 3.2, 6])('an edge becomes the integral of a bell of sigma %d', (sigma) => {
  const data = bar(31);
  blur(data, SIDE, SIDE, sigma);
  // Abramowitz and Stegun, Handbook of Mathematical Functions, 7.1.26: the error function to 1.5e-7.
  const erf = (x: number) => {
    const t = 1 / (1 + 0.3275911 * Math.abs(x));
    const p =
      t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
    return Math.sign(x) * (1 - p * Math.exp(-x * x));
  };
  for (let x = 15; x < 45; x++) {
    const exact = 127.5 * (1 + erf((x + 0.5 - 30) / (sigma * Math.SQRT2)));
    // Three boxes come within three in a hundred of a bell.
    expect(Math.abs(alphas(data)[x] - exact), `at ${x}`).toBeLessThanOrEqual(0.03 * 255);
  }
});

it.each([2, 2.5, 6])('is the same to the left and the right, above and below (sigma %d)', (sigma) => {
  const data = bar(1);
  blur(data, SIDE, SIDE, sigma);
  const row = alphas(data);
  expect(row.slice(0, 30)).toEqual(row.slice(31).reverse());
  expect(row[30]).toBe(Math.max(...row));
  expect(alphas(data, 29)).toEqual(alphas(data, 31));
});

it('a colour stays what it is where it becomes clear', () => {
  const data = dot(200, 255);
  for (let y = 28; y < 33; y++) for (let x = 28; x < 33; x++) data.set([200, 0, 0, 128], (y * SIDE + x) * 4);
  blur(data, SIDE, SIDE, 2);
  expect(data[MIDDLE + 3]).toBeGreaterThan(40);
  expect(data[MIDDLE]).toBeGreaterThanOrEqual(197);
  expect(data[MIDDLE]).toBeLessThanOrEqual(203);
});
