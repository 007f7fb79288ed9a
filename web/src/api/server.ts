import createClient, { type Middleware } from 'openapi-fetch';
import { refusal, Refused, sessionEnded, shownToBeOurs, UNREACHABLE } from './http';
import { forgetKeys, onceKey } from './onceKeys';
import type { paths } from './schema';

/** After a change of the track the same call is another one: it is done with other captions. */
const CHANGE = /\/(edits|undo|redo|history)$/;

/** Adds the CSRF token and the key of the call, and throws a {@link Refused} for every answer that is no success. */
const refusals: Middleware = {
  async onRequest({ request }) {
    if (request.method === 'GET') return;
    if (request.method !== 'POST' || CHANGE.test(new URL(request.url).pathname)) forgetKeys();
    // Which calls are done once, the server decides.
    if (request.method === 'POST') {
      const call = `${request.url} ${await request.clone().text()}`;
      request.headers.set('Idempotency-Key', onceKey(call));
    }
    for (const [name, value] of Object.entries(shownToBeOurs())) request.headers.set(name, value);
  },
  async onResponse({ response }) {
    if (response.status === 401) sessionEnded();
    if (!response.ok) throw await refusal(response.status, await response.text());
  },
  onError: () => new Refused(0, UNREACHABLE),
};

/** Every operation of the API, with the types of its description. */
export const server = createClient<paths>({
  baseUrl: window.location.origin,
  fetch: (request) => fetch(request),
});
server.use(refusals);

/** The body of an answer; a refusal was thrown before. */
export const bodyOf = async <T>(answer: Promise<{ data?: T }>): Promise<T> => (await answer).data as T;
