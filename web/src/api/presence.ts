import { shownToBeOurs, call } from './http';
import type { Presence } from './types';

/** Names this page until it is closed. */
const PAGE = Array.from(crypto.getRandomValues(new Uint8Array(8)), (byte) =>
  byte.toString(16).padStart(2, '0'),
).join('');

export const presenceKey = (clipId: string) => ['presence', clipId] as const;

/** The position of this page in a clip. */
export interface Here {
  cueId: number | null;
  typing: boolean;
}

/** Reports that this page has the clip open; returns the other pages. */
export const sayHere = (clipId: string, here: Here) =>
  call<Presence[]>('PUT', `/api/clips/${clipId}/presence/${PAGE}`, here);

/** Works also while the page closes. */
export const sayLeft = (clipId: string) =>
  void fetch(`/api/clips/${clipId}/presence/${PAGE}`, {
    method: 'DELETE',
    headers: shownToBeOurs(),
    keepalive: true,
  }).catch(() => undefined);
