import { describe, expect, it } from 'vitest';
import { linesOf, snap } from './snapping';

const LINES = linesOf({ x: 0.06, y: 0.1, width: 0.82, height: 0.7 });
const at = (middle: number, width = 0.2) => ({ middle, start: middle - width / 2, end: middle + width / 2 });

describe('snapping', () => {
  it('draws the middle to the middle', () => {
    expect(snap(at(0.506), LINES.x)).toEqual({ line: 0.5, by: 0.5 - 0.506 });
  });
  it('lets go of what is far from every line', () => {
    expect(snap(at(0.4), LINES.x)).toBeNull();
  });
  it('brings the edge of the caption to the edge of the safe area, never its middle', () => {
    expect(snap(at(0.17), LINES.x)).toMatchObject({ line: 0.06 });
    expect(snap(at(0.17), LINES.x)!.by).toBeCloseTo(-0.01);
    expect(snap(at(0.06), LINES.x)).toBeNull();
    expect(snap(at(0.705), LINES.y)).toMatchObject({ line: expect.closeTo(0.8) as number });
    expect(snap(at(0.705), LINES.y)!.by).toBeCloseTo(-0.005);
  });
  it('leaves nothing outside that has room inside', () => {
    // Its middle is near a third, and its start would reach out of the safe area there.
    expect(snap(at(0.34, 0.6), LINES.x)).toBeNull();
    // Wider than the safe area: it is outside anyhow.
    expect(snap(at(0.505, 0.9), LINES.x)).toMatchObject({ line: 0.5 });
  });
});
