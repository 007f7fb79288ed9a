// @vitest-environment jsdom
import { act, cleanup, render } from '@testing-library/react';
import { Profiler, useRef } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Track } from '../api/types';
import { usePlayer } from '../player/player';
import { useEachTime, useRestedTime } from '../player/useEachTime';
import { followClock, useLit, useLitMark } from './lit';

const TRACK = {
  cues: [
    {
      id: 7,
      showMs: 0,
      hideMs: 900,
      words: [
        { id: 1, startMs: 0, endMs: 300 },
        { id: 2, startMs: 300, endMs: 700 },
      ],
    },
  ],
} as unknown as Track;

function Word({ id }: { id: number }) {
  const word = useRef<HTMLSpanElement>(null);
  useLitMark(word, 'data-lit', 'wordId', id);
  return <span ref={word} data-word={id} />;
}

function Time() {
  const time = useRef<HTMLSpanElement>(null);
  useEachTime((ms) => {
    time.current!.textContent = `${ms}`;
  });
  return <span ref={time} data-time />;
}

function Handles() {
  const ms = useRestedTime();
  return ms === null ? null : <span data-handles={ms} />;
}

const lit = () => [...document.querySelectorAll('[data-lit]')].map((word) => word.getAttribute('data-word'));
const at = (timeMs: number) => act(() => usePlayer.setState({ timeMs }));

beforeEach(() => usePlayer.setState({ timeMs: 0, playing: true }));
afterEach(() => {
  cleanup();
  useLit.setState({ wordId: null, cueId: null });
});

describe('while the clip plays', () => {
  it('words are lit and times written without a single rendering', () => {
    const rendered = vi.fn();
    const end = followClock(TRACK);
    render(
      <Profiler id="page" onRender={rendered}>
        <Word id={1} />
        <Word id={2} />
        <Time />
        <Handles />
      </Profiler>,
    );
    rendered.mockClear();
    at(100);
    expect(lit()).toEqual(['1']);
    at(400);
    expect(lit()).toEqual(['2']);
    expect(document.querySelector('[data-time]')!.textContent).toBe('400');
    at(800);
    expect(lit()).toEqual([]);
    expect(rendered).not.toHaveBeenCalled();
    end();
  });

  it('handles wait until it rests', () => {
    render(<Handles />);
    expect(document.querySelector('[data-handles]')).toBeNull();
    act(() => usePlayer.setState({ playing: false, timeMs: 640 }));
    expect(document.querySelector('[data-handles]')!.getAttribute('data-handles')).toBe('640');
  });

  it('a word that comes into the page late is lit at once', () => {
    const end = followClock(TRACK);
    at(400);
    render(<Word id={2} />);
    expect(lit()).toEqual(['2']);
    end();
  });
});
