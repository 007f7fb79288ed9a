import createClient, { type Middleware } from 'openapi-fetch';
import { refusal, Refused, sessionEnded, shownToBeOurs, UNREACHABLE } from './http';
import type { paths } from './schema';

/** Adds the CSRF token, and throws a {@link Refused} for every answer that is no success. */
const refusals: Middleware = {
  onRequest({ request }) {
    if (request.method === 'GET') return;
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
