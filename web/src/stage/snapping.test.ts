import { describe, expect, it } from 'vitest';
import { linesOf, snap } from './snapping';

const LINES = linesOf({ x: 0.06, y: 0.1, width: 0.82, height: 0.7 });

describe('snapping', () => {
  it('draws the middle to the middle', () => {
    expect(snap([0.506], LINES.x)).toEqual({ line: 0.5, by: 0.5 - 0.506 });
  });
  it('lets go of what is far from every line', () => {
    expect(snap([0.4], LINES.x)).toBeNull();
  });
  it('takes the nearest of several edges', () => {
    // The left edge is nearer to the safe area than the middle to the third.
    const near = snap([0.342, 0.061], LINES.x)!;
    expect(near.line).toBeCloseTo(0.06);
    expect(near.by).toBeCloseTo(-0.001);
  });
  it('knows the safe area on all sides', () => {
    expect(LINES.x).toContain(0.06 + 0.82);
    expect(LINES.y[4]).toBeCloseTo(0.8);
  });
});
