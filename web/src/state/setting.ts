import { newestOf } from '../api/newest';
import type { MadeScene } from '../api/scene';
import { usePanels } from './panels';

/** What became of a cue when it was set: how far it was shrunk to fit, and which characters no font has. */
export interface Setting {
  fit: number;
  missing: string;
}

/** Of the scene on the stage, by cue; cues without a deviation are not included. */
export const settings = newestOf<MadeScene, ReadonlyMap<number, Setting>>(
  'scene',
  ({ scene }) =>
    new Map(
      scene.parts
        .filter((part) => part.fit < 0.995 || part.missing !== '')
        .map((part) => [part.cueId, { fit: part.fit, missing: part.missing }]),
    ),
  new Map(),
  ([, , , language]) => language === usePanels.getState().onStage,
);
