// @vitest-environment jsdom
import { act, cleanup, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { newestAnswer, newestOf } from './newest';
import { queryClient } from './queryClient';

interface Answer {
  words: string[];
}
let clip = 0;
const id = () => `clip ${clip}`;
const answer = (version: number, ...words: string[]) =>
  act(() => {
    queryClient.setQueryData<Answer>(['words', id(), version], { words });
  });

beforeEach(() => {
  vi.useFakeTimers();
  clip++;
});
afterEach(() => {
  cleanup();
  queryClient.clear();
  vi.useRealTimers();
});

it('derives once from the newest answer about a clip', () => {
  const derive = vi.fn(({ words }: Answer) => new Set(words));
  const words = newestOf('words', derive, new Set<string>());
  expect(words.now(id()).size).toBe(0);
  answer(1, 'salt');
  vi.advanceTimersByTime(10);
  answer(2, 'tea');
  expect([...words.now(id())]).toEqual(['tea']);
  expect(words.now(id())).toBe(words.now(id()));
  expect(words.now('another').size).toBe(0);
  expect(derive).toHaveBeenCalledOnce();
});

it('keeps the answer before while a new version has none', () => {
  const words = newestOf<Answer, string[]>('words', (a) => a.words, []);
  answer(1, 'salt');
  expect(words.now(id())).toEqual(['salt']);
  queryClient.removeQueries({ queryKey: ['words', id(), 1] });
  expect(newestAnswer(['words', id()])).toBeUndefined();
  expect(words.now(id())).toEqual(['salt']);
});

it('counts only the queries that are shown', () => {
  const words = newestOf<Answer, string[]>(
    'words',
    (a) => a.words,
    [],
    ([, , version]) => version !== 2,
  );
  answer(1, 'salt');
  vi.advanceTimersByTime(10);
  answer(2, 'sal');
  expect(words.now(id())).toEqual(['salt']);
});

it('renders again only when the selected value has changed', () => {
  const words = newestOf<Answer, Set<string>>('words', (a) => new Set(a.words), new Set());
  const renders = vi.fn();
  function Shown() {
    const has = words.use(id(), (all) => all.has('salt'));
    renders();
    return <p>{has ? 'there' : 'missing'}</p>;
  }
  render(<Shown />);
  screen.getByText('missing');
  answer(1, 'salt');
  screen.getByText('there');
  vi.advanceTimersByTime(10);
  answer(2, 'salt', 'tea');
  expect(renders).toHaveBeenCalledTimes(2);
  vi.advanceTimersByTime(10);
  answer(3, 'tea');
  screen.getByText('missing');
});
