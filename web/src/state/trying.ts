import { create } from 'zustand';
import { sceneOf } from '../api/scene';
import { server } from '../api/server';
import type { Edit, Scene } from '../api/types';
import { usePlayer } from '../player/player';

const BEFORE_MS = 60;
const AFTER_MS = 2500;

/** Captions as they would be after a change that is still being made; null when nothing is. */
interface Trying {
  scene: Scene | null;
  /** The change has been made: the next version of the track ends the trying. */
  made: boolean;
}

export const useTrying = create<Trying>(() => ({ scene: null, made: false }));

let wanted: { clipId: string; edit: Edit } | null = null;
let busy = false;
let round = 0;

/** Previews an edit without applying it. Of several calls in a row only the newest is sent. */
export function tryOut(clipId: string, edit: Edit) {
  useTrying.setState({ made: false });
  wanted = { clipId, edit };
  void next();
}

async function next() {
  if (busy || !wanted) return;
  busy = true;
  const asked = wanted;
  const asking = round;
  wanted = null;
  const now = Math.round(usePlayer.getState().timeMs);
  try {
    const scene = await sceneOf(
      server.POST('/api/clips/{clipId}/scene/attempt', {
        params: {
          path: { clipId: asked.clipId },
          query: { fromMs: Math.max(0, now - BEFORE_MS), toMs: now + AFTER_MS },
        },
        body: asked.edit,
      }),
    );
    if (asking === round) useTrying.setState({ scene });
  } catch {
    // What cannot be is said when it is done.
  } finally {
    busy = false;
    void next();
  }
}

/** What was tried is being done: it stays on the stage until the track that has it is there. */
export const tryingMade = () => useTrying.setState({ made: true });

export function endTrying() {
  round++;
  wanted = null;
  useTrying.setState({ scene: null, made: false });
}
