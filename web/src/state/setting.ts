import { create } from 'zustand';
import type { Scene } from '../api/types';

/** What became of a cue when it was set: how far it was shrunk to fit, and which characters no font has. */
export interface Setting {
  fit: number;
  missing: string;
}

/** By cue; cues without a deviation are not included. */
export const useSettings = create<{ cues: ReadonlyMap<number, Setting> }>(() => ({ cues: new Map() }));

export function settingsOf(scene: Scene | undefined): ReadonlyMap<number, Setting> {
  return new Map(
    (scene?.parts ?? [])
      .filter((part) => part.fit < 0.995 || part.missing !== '')
      .map((part) => [part.cueId, { fit: part.fit, missing: part.missing }]),
  );
}
