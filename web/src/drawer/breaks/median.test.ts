import { describe, expect, it } from 'vitest';
import { median } from './median';

describe('the median', () => {
  it('is the middle one in any order', () => expect(median([140, -900, 118])).toBe(118));
  it('is the mean of the two in the middle', () => expect(median([10, 20, 40, 1000])).toBe(30));
});
