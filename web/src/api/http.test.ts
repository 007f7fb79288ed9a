// @vitest-environment jsdom
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { putFile } from './http';

const requests: { key: string; answer: (status: number, body: string) => void }[] = [];

class Upload {
  upload = {};
  status = 0;
  responseText = '';
  onload?: () => void;
  private key = '';
  open() {}
  setRequestHeader(name: string, value: string) {
    if (name === 'Idempotency-Key') this.key = value;
  }
  send() {
    requests.push({
      key: this.key,
      answer: (status, body) => {
        this.status = status;
        this.responseText = body;
        this.onload?.();
      },
    });
  }
}

beforeEach(() => {
  vi.useFakeTimers();
  requests.length = 0;
  vi.stubGlobal('XMLHttpRequest', Upload);
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const file = (name: string) => new File(['tide'], name, { lastModified: 7 });
const put = (name: string) => putFile<{ id: string }>('/api/clips?name=a', file(name), () => {});

/** One drop made two clips where the hand dropped twice. */
it('uploads the same file once while it is on its way and for two seconds after', async () => {
  const first = put('twice.mp4');
  const second = put('twice.mp4');
  expect(requests).toHaveLength(1);
  requests[0].answer(200, '{"id":"a"}');
  expect(await first).toEqual({ id: 'a' });
  expect(await second).toEqual({ id: 'a' });
  await vi.advanceTimersByTimeAsync(1900);
  void put('twice.mp4');
  expect(requests).toHaveLength(1);
  await vi.advanceTimersByTimeAsync(200);
  void put('twice.mp4');
  expect(requests).toHaveLength(2);
  expect(requests[1].key).not.toBe(requests[0].key);
});

it('uploads again at once what was refused, and another file in any case', async () => {
  const first = put('refused.mp4');
  requests[0].answer(422, '{"detail":"This is no video."}');
  await expect(first).rejects.toThrow('This is no video.');
  void put('refused.mp4');
  void put('other.mp4');
  expect(requests).toHaveLength(3);
});
