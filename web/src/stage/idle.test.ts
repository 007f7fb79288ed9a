import { afterEach, expect, test, vi } from 'vitest';
import { whenIdle } from './idle';

afterEach(() => vi.unstubAllGlobals());

/** The bench did not open in Safari's engine. */
test('waits by a timer where the browser does not tell when it is idle', async () => {
  vi.stubGlobal('requestIdleCallback', undefined);
  await new Promise<void>((done) => whenIdle(done));
  const never = vi.fn();
  whenIdle(never)();
  await new Promise((done) => setTimeout(done, 20));
  expect(never).not.toHaveBeenCalled();
});

test('is told by the browser where it tells', () => {
  const ask = vi.fn((then: () => void) => (then(), 7));
  const cancel = vi.fn();
  vi.stubGlobal('requestIdleCallback', ask);
  vi.stubGlobal('cancelIdleCallback', cancel);
  const then = vi.fn();
  whenIdle(then)();
  expect(then).toHaveBeenCalledOnce();
  expect(cancel).toHaveBeenCalledWith(7);
});
