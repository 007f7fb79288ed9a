// @vitest-environment jsdom
import { afterEach, expect, it, vi } from 'vitest';
import { onSignedOut, Refused } from './http';
import { bodyOf, server } from './server';

const clip = { params: { path: { clipId: 'a/b' } } };

/** Answers the next requests, and keeps them. */
function answering(...answers: (Response | Error)[]) {
  const sent: Request[] = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    sent.push(request);
    const answer = answers.shift()!;
    if (answer instanceof Error) throw answer;
    return answer;
  });
  return sent;
}

afterEach(() => {
  vi.unstubAllGlobals();
  document.cookie = 'XSRF-TOKEN=; max-age=0';
  onSignedOut(() => undefined);
});

it('puts values into addresses as text', async () => {
  const sent = answering(Response.json([]));
  await bodyOf(server.GET('/api/clips', { params: { query: { q: 'tea & salt', shelf: 'HERE' } } }));
  expect(new URL(sent[0].url).searchParams.get('q')).toBe('tea & salt');
  const other = answering(Response.json({}));
  await bodyOf(server.GET('/api/clips/{clipId}', clip));
  expect(new URL(other[0].url).pathname).toBe('/api/clips/a%2Fb');
});

it('sends the token with changes only', async () => {
  document.cookie = 'XSRF-TOKEN=one%2Ftwo';
  const sent = answering(Response.json({}), new Response(null, { status: 204 }));
  await bodyOf(server.GET('/api/clips/{clipId}', clip));
  expect(await bodyOf(server.DELETE('/api/clips/{clipId}', clip))).toBeUndefined();
  expect(sent.map((request) => request.headers.get('X-XSRF-TOKEN'))).toEqual([null, 'one/two']);
});

it('throws the sentence of a refusal', async () => {
  answering(Response.json({ detail: 'This clip was removed.', needs: 'CODE' }, { status: 404 }));
  await expect(bodyOf(server.GET('/api/clips/{clipId}', clip))).rejects.toMatchObject({
    status: 404,
    message: 'This clip was removed.',
    needs: 'CODE',
  });
});

it('tells that the session has ended', async () => {
  const ended = vi.fn();
  onSignedOut(ended);
  answering(Response.json({ detail: 'Sign in first.' }, { status: 401 }));
  await expect(bodyOf(server.GET('/api/clips/{clipId}', clip))).rejects.toBeInstanceOf(Refused);
  expect(ended).toHaveBeenCalledOnce();
});

it('says that nothing was lost if the server cannot be reached', async () => {
  answering(new TypeError('Failed to fetch'));
  await expect(bodyOf(server.GET('/api/clips/{clipId}', clip))).rejects.toMatchObject({
    status: 0,
    message: expect.stringContaining('Nothing was lost'),
  });
});

it('gives a call another key after a change of the track', async () => {
  const path = { path: { clipId: 'a' } };
  const words = () =>
    bodyOf(server.POST('/api/clips/{clipId}/words', { params: path, body: { language: 'sv' } }));
  const sent = answering(...[1, 2, 3].map(() => Response.json({})));
  await words();
  const edit = { kind: 'lock' as const, cueIds: [1], locked: true };
  await bodyOf(
    server.POST('/api/clips/{clipId}/track/edits', {
      params: path,
      body: { version: 1, incarnation: 'one', edit },
    }),
  );
  await words();
  const [first, , again] = sent.map((request) => request.headers.get('Idempotency-Key'));
  expect(again).not.toBe(first);
});

it('gives the same call within two seconds the same key', async () => {
  const words = (language: string) =>
    bodyOf(
      server.POST('/api/clips/{clipId}/words', { params: { path: { clipId: 'a' } }, body: { language } }),
    );
  const clock = vi.spyOn(performance, 'now').mockReturnValue(0);
  const sent = answering(...[1, 2, 3, 4].map(() => Response.json({})));
  await Promise.all([words('en'), words('en')]);
  await words('de');
  clock.mockReturnValue(2001);
  await words('en');
  const [first, second, other, later] = sent.map((request) => request.headers.get('Idempotency-Key'));
  expect(first).toBeTruthy();
  expect(second).toBe(first);
  expect(other).not.toBe(first);
  expect(later).not.toBe(first);
  clock.mockRestore();
});
