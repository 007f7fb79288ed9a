import { shownToBeOurs } from './http';
import { randomId } from './randomId';
import { bodyOf, server } from './server';

/** Names this page until it is closed. */
const PAGE = randomId();

export const presenceKey = (clipId: string) => ['presence', clipId] as const;

/** The position of this page in a clip. */
export interface Here {
  cueId?: number;
  typing: boolean;
}

/** Reports that this page has the clip open; returns the other pages. */
export const sayHere = (clipId: string, here: Here) =>
  bodyOf(
    server.PUT('/api/clips/{clipId}/presence/{page}', {
      params: { path: { clipId, page: PAGE } },
      body: here,
    }),
  );

/** Works also while the page closes. */
export const sayLeft = (clipId: string) =>
  void fetch(`/api/clips/${clipId}/presence/${PAGE}`, {
    method: 'DELETE',
    headers: shownToBeOurs(),
    keepalive: true,
  }).catch(() => undefined);
