import { describe, expect, it } from 'vitest';
import type { NumberTrack, Part, Scene } from '../../api/types';
import { mix } from './colours';
import { ease } from './easing';
import { Timeline } from './timeline';
import { valueAt } from './tracks';

describe('easing', () => {
  it('holds until the next keyframe', () => {
    expect(ease('hold', 0.99)).toBe(0);
    expect(ease('hold', 1)).toBe(1);
  });
  it('solves a cubic bezier as CSS does', () => {
    // cubic-bezier(0.42, 0, 0.58, 1) is symmetric about its middle.
    expect(ease([0.42, 0, 0.58, 1], 0.5)).toBeCloseTo(0.5, 9);
    expect(ease([0.42, 0, 0.58, 1], 0.2) + ease([0.42, 0, 0.58, 1], 0.8)).toBeCloseTo(1, 9);
  });
});

describe('tracks', () => {
  const track: NumberTrack = {
    property: 'scale',
    keys: [
      { t: 100, value: 1, easing: 'linear' },
      { t: 200, value: 2, easing: 'hold' },
      { t: 300, value: 5, easing: 'hold' },
    ],
  };
  it('keeps its first value before and its last after', () => {
    expect(valueAt(track, 0)).toBe(1);
    expect(valueAt(track, 900)).toBe(5);
  });
  it('goes between keyframes by the easing of the first', () => {
    expect(valueAt(track, 150)).toBe(1.5);
    expect(valueAt(track, 250)).toBe(2);
  });
  it('mixes colours channel by channel', () => {
    expect(mix('#000000', '#ff8000', 0.5)).toBe('#804000ff');
  });
});

describe('timeline', () => {
  const part = (startMs: number, endMs: number, depth: number) => ({ startMs, endMs, depth }) as Part;
  const headline = part(0, 9000, 2);
  const leaving = part(500, 1100, 0);
  const plate = part(600, 3000, -1);
  const coming = part(1000, 2000, 0);
  const timeline = new Timeline({ parts: [headline, leaving, plate, coming] } as unknown as Scene);

  it('finds what is on the screen by depth, then by its beginning', () => {
    expect(timeline.alive(1050)).toEqual([plate, leaving, coming, headline]);
    expect(timeline.alive(2500)).toEqual([plate, headline]);
    expect(timeline.alive(9000)).toEqual([]);
  });
  it('knows what comes next', () => {
    expect(timeline.next(550)).toBe(plate);
    expect(timeline.next(1000)).toBeNull();
  });
});
