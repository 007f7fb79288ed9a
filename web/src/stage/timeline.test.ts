import { describe, expect, it } from 'vitest';
import type { PropertyTrack, Scene } from '../api/types';
import { cueAt, ease, mix, valueAt } from './timeline';

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
  const track: PropertyTrack = {
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

it('finds the cue on the screen and none in a rest', () => {
  const scene = {
    cues: [
      { startMs: 0, endMs: 100 },
      { startMs: 200, endMs: 300 },
    ],
  } as unknown as Scene;
  expect(cueAt(scene, 99)).toBe(scene.cues[0]);
  expect(cueAt(scene, 100)).toBeNull();
  expect(cueAt(scene, 200)).toBe(scene.cues[1]);
});
