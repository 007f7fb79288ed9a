import type { Clip, Scene, Track } from '../api/types';
import { usePlayer } from '../player/player';
import { CueText } from '../score/CueText';
import { useSelection } from '../state/selection';
import { blockOf, wordBoxes } from './captionBoxes';
import { Timeline } from './paint/timeline';

/** Letters are about so much of their line's height. */
const LETTERS = 0.84;
const PAD_PX = 14;
const LEAST_PX = 13;

/** Begins to type in the caption under a point of the stage, in parts of the frame. */
export function typeAt(scene: Scene, x: number, y: number) {
  const { timeMs, pause } = usePlayer.getState();
  for (const part of new Timeline(scene).alive(timeMs)) {
    const words = wordBoxes(part);
    const block = blockOf(words, []);
    const at = { x: x * scene.width, y: y * scene.height };
    const holds = (box: { x: number; y: number; width: number; height: number }) =>
      at.x >= box.x && at.x <= box.x + box.width && at.y >= box.y && at.y <= box.y + box.height;
    if (part.depth > 0 || !block || !holds(block)) continue;
    const wordId = words.find(({ box }) => holds(box))?.wordId ?? null;
    pause();
    useSelection.getState().select({ kind: 'cue', id: part.cueId });
    useSelection.getState().type(part.cueId, wordId, undefined, true);
    return;
  }
}

export const useTypingOnStage = () =>
  useSelection((s) => s.typing !== null && 'cueId' in s.typing && s.typing.onStage === true);

/** The field of a caption that is typed in the picture, at its place and about its size. */
export function StageText(props: { clip: Clip; track: Track; scene: Scene; width: number }) {
  const { clip, track, scene, width } = props;
  const typing = useSelection((s) => (s.typing && 'cueId' in s.typing && s.typing.onStage ? s.typing : null));
  const cue = typing && track.cues.find((one) => one.id === typing.cueId);
  const part = cue && scene.parts.find((one) => one.cueId === cue.id && one.depth === 0);
  const block = part && blockOf(wordBoxes(part), []);
  if (!typing || !cue || cue.locked || !block) return null;
  const scale = width / scene.width;
  const wide = Math.min(width - PAD_PX, Math.max(block.width * scale + 4 * PAD_PX, width * 0.6));
  const left = (block.x + block.width / 2) * scale - wide / 2;
  const line = (block.height * scale) / (cue.lineStarts.length + 1);
  return (
    <div
      className="absolute z-20 text-center leading-tight text-white"
      style={{
        left: Math.max(PAD_PX / 2, Math.min(left, width - wide - PAD_PX / 2)),
        top: block.y * scale - PAD_PX / 2,
        width: wide,
        fontSize: Math.max(LEAST_PX, Math.round(line * LETTERS)),
      }}
      onDoubleClick={(e) => e.stopPropagation()}
    >
      <CueText key={cue.id} clipId={clip.id} cue={cue} typing={typing} />
    </div>
  );
}
