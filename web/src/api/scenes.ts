import { withBitmaps } from './bitmaps';
import { call } from './http';
import type { Scene } from './types';

/** Fetches a scene and decodes its bitmaps. */
export const callScene = async (method: string, url: string, body?: unknown) =>
  withBitmaps(await call<Scene>(method, url, body));
