import { useQuery } from '@tanstack/react-query';
import { withBitmaps } from './bitmaps';
import { newestAnswer } from './newest';
import { keys } from './queryKeys';
import { bodyOf, server } from './server';
import type { Scene } from './types';

/** A scene as it was made, of a version of the track. */
export interface MadeScene {
  /** Of this scene and no other. */
  tag: string;
  version: number;
  scene: Scene;
}

/** The scene of an answer, with its bitmaps decoded. */
export const sceneOf = async (answer: Promise<{ data?: Scene }>) => withBitmaps(await bodyOf(answer));

/** The scene as it is now. Only what changed since the newest one here is sent. */
async function fetchScene(id: string, language: string | null): Promise<MadeScene> {
  const known = newestAnswer<MadeScene>(keys.scene(id), (key) => key[3] === language);
  const patch = await bodyOf(
    server.GET('/api/clips/{clipId}/scene', {
      params: { path: { clipId: id }, query: { language: language ?? undefined, since: known?.tag } },
    }),
  );
  const from = known && patch.before === known.tag ? known.scene : null;
  const scene: Scene = {
    width: patch.width,
    height: patch.height,
    glyphs: { ...from?.glyphs, ...patch.glyphs },
    pictures: { ...from?.pictures, ...patch.pictures },
    parts: from
      ? [...from.parts.slice(0, patch.from), ...patch.parts, ...from.parts.slice(patch.from + patch.removed)]
      : patch.parts,
  };
  return { tag: patch.tag, version: patch.version, scene: await withBitmaps(scene) };
}

/** The scene of the track's present version; the one before stays on the stage until it is there. */
export const useScene = (id: string, version: number | undefined, language: string | null) =>
  useQuery({
    queryKey: [...keys.scene(id), version, language],
    queryFn: () => fetchScene(id, language),
    enabled: version !== undefined,
    placeholderData: (before) => before,
    gcTime: 10_000,
  });
