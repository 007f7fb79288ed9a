import { withBitmaps } from './bitmaps';
import { call } from './http';
import type { Scene } from './types';

/** A scene that can be painted at once. */
export const callScene = async (method: string, url: string, body?: unknown) =>
  withBitmaps(await call<Scene>(method, url, body));
