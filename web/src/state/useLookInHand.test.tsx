// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Edit, Look, LookView } from '../api/types';
import { useLookInHand } from './useLookInHand';

/** What the server knows, and answers that wait until the test lets them go. */
const server = vi.hoisted(() => ({
  look: {} as object,
  behind: false,
  sent: [] as unknown[],
  answers: [] as ((version: number | null) => void)[],
}));

vi.mock('./trying', () => ({ tryOut: () => {}, tryingMade: () => {}, endTrying: () => {} }));
vi.mock('../api/looks', () => ({
  useLook: () => ({ data: { look: server.look }, isPlaceholderData: server.behind }),
}));
const mutateAsync = (edit: unknown) => {
  server.sent.push((edit as Extract<Edit, { kind: 'changeLook' }>).look);
  return new Promise((good, bad) => {
    server.answers.push((version) => (version ? good({ version }) : bad(new Error('refused'))));
  });
};
vi.mock('../api/changes', () => ({ useChange: () => ({ mutateAsync }) }));

const POP = { way: 'POP', by: 'CUE' };
const GATHER = { way: 'SCATTER', by: 'CUE' };
const look = (parts: object) => parts as Look;
let clips = 0;

function inHand() {
  const clip = `clip-${clips++}`;
  const hook = renderHook(({ version }) => useLookInHand(clip, version, {}), {
    initialProps: { version: 1 },
  });
  return {
    change: () => hook.result.current.change,
    shown: () => (hook.result.current.view as LookView).look as unknown as Record<string, unknown>,
    version: (version: number) => hook.rerender({ version }),
  };
}

const answer = (version: number | null) =>
  act(async () => {
    server.answers.shift()!(version);
    await Promise.resolve();
  });

beforeEach(() => {
  Object.assign(server, { look: { entrance: POP, size: 60 }, behind: false, sent: [], answers: [] });
});

describe('the look in hand', () => {
  it('has what was just given to it, until the server tells of it', async () => {
    const { change, shown, version } = inHand();
    act(() => change().now(look({ entrance: GATHER })));
    expect(shown().entrance).toEqual(GATHER);
    await answer(2);
    expect(shown().entrance).toEqual(GATHER);
    server.behind = true;
    version(2);
    expect(shown().entrance).toEqual(GATHER);
    // As the server wrote it.
    server.behind = false;
    server.look = { entrance: { ...GATHER, stagger: 0 }, size: 60 };
    version(2);
    expect(shown().entrance).toEqual({ ...GATHER, stagger: 0 });
  });

  it('is as it was where a change is refused', async () => {
    const { change, shown } = inHand();
    act(() => change().now(look({ entrance: GATHER })));
    await answer(null);
    expect(shown().entrance).toEqual(POP);
  });

  it('takes back at once what is reset', () => {
    const { change, shown } = inHand();
    act(() => change().soon(look({ size: 90 })));
    expect(shown().size).toBe(90);
    act(() => change().reset(['size']));
    expect(shown().size).toBe(60);
    expect(server.sent).toEqual([undefined]);
  });

  it('loses nothing that still waits when something else is settled', () => {
    const { change } = inHand();
    act(() => change().soon(look({ size: 80 })));
    act(() => change().soon(look({ size: 90 })));
    act(() => change().now(look({ entrance: GATHER })));
    expect(server.sent).toEqual([{ size: 90 }, { entrance: GATHER }]);
  });

  /** A hand that rested on its way made a step of the history each time. */
  it('waits for the end of a drag, however often the hand rests', () => {
    vi.useFakeTimers();
    const { change } = inHand();
    dispatchEvent(new Event('pointerdown'));
    act(() => change().soon(look({ size: 80 })));
    act(() => void vi.advanceTimersByTime(2000));
    act(() => change().soon(look({ size: 90 })));
    act(() => void vi.advanceTimersByTime(2000));
    expect(server.sent).toEqual([]);
    dispatchEvent(new Event('pointerup'));
    act(() => void vi.advanceTimersByTime(1000));
    expect(server.sent).toEqual([{ size: 90 }]);
    vi.useRealTimers();
  });

  it('sends once what is settled at the end of a drag', () => {
    const { change } = inHand();
    act(() => change().soon(look({ size: 80 })));
    act(() => change().now(look({ size: 81 })));
    expect(server.sent).toEqual([{ size: 81 }]);
  });
});
