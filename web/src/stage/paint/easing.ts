/** The twin of core's Easing: the same steps, so the same doubles. */
export type Easing = 'hold' | 'linear' | [number, number, number, number];

export function ease(easing: Easing, x: number): number {
  if (easing === 'hold') return x >= 1 ? 1 : 0;
  if (easing === 'linear') return Math.min(1, Math.max(0, x));
  if (x <= 0 || x >= 1) return x <= 0 ? 0 : 1;
  let low = 0;
  let high = 1;
  for (let i = 0; i < 40; i++) {
    const mid = (low + high) / 2;
    if (curve(easing[0], easing[2], mid) < x) low = mid;
    else high = mid;
  }
  return curve(easing[1], easing[3], (low + high) / 2);
}

function curve(a: number, b: number, t: number): number {
  const u = 1 - t;
  return 3 * u * u * t * a + 3 * u * t * t * b + t * t * t;
}
