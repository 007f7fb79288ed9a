import { expect, test } from 'vitest';
import { differing } from './differing';

const marked = (text: string, other: string) =>
  differing(text, other)
    .map(({ word, differs }) => (differs ? `[${word}]` : word))
    .join(' ');

test('marks the words that another text has not', () => {
  expect(marked('row home at tide', 'row home at tide')).toBe('row home at tide');
  expect(marked('row home at dusk', 'row home at tide')).toBe('row home at [dusk]');
  expect(marked('now row home', 'row home at tide')).toBe('[now] row home');
  expect(marked('home row', 'row home')).toMatch(/^(\[home\] row|home \[row\])$/);
  expect(marked('row', '')).toBe('[row]');
  expect(marked('', 'row')).toBe('');
  expect(marked('a b a c', 'a c')).toMatch(/^(a \[b\] \[a\] c|\[a\] \[b\] a c)$/);
});
