import { describe, expect, it } from 'vitest';
import { exact, length, readTime, stamp } from './time';

describe('times', () => {
  it.each([
    ['1:06.412', 66_412],
    ['0:06.4', 6_400],
    ['6.4', 6_400],
    ['6,4', 6_400],
    ['.25', 250],
    ['12', 12_000],
    ['193f', 6_433],
    ['30 f', 1_000],
    ['1:02:03.5', 3_723_500],
  ])('reads %s', (text, ms) => expect(readTime(text, 1000 / 30)).toBe(ms));

  it.each(['', 'soon', '1:2:3:4', '-5', '6.4.2', '1:75s'])('does not read %j', (text) =>
    expect(readTime(text, 1000 / 30)).toBeNull(),
  );

  it('writes what it reads', () => {
    expect(exact(66_412)).toBe('1:06.412');
    expect(stamp(66_412)).toBe('1:06.4');
    expect(length(66_412)).toBe('1:06');
  });
});
