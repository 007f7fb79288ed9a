import { playedFrom } from '../api/footage';
import { ComparedStage } from '../stage/ComparedStage';
import type { Clip, OrderedStage, Scene, Track } from '../api/types';

export type Beside = 'stage' | 'clip';

const NOTHING: Scene['parts'] = [];

/** The clip in its frame, with the captions as the stage paints them or without. Its video plays unseen. */
export function Reference(props: {
  clip: Clip;
  stage: OrderedStage;
  beside: Beside;
  width: number;
  video: HTMLVideoElement | null;
  onVideo: (video: HTMLVideoElement | null) => void;
}) {
  const { clip, stage, beside, width } = props;
  const scene = beside === 'stage' ? stage.scene : { ...stage.scene, parts: NOTHING };
  const track = { frame: stage.frame, layout: stage.layout } as Track;
  return (
    <div className="relative" data-testid="reference">
      <video
        ref={props.onVideo}
        src={playedFrom(clip)}
        preload="auto"
        muted
        playsInline
        aria-hidden
        className="pointer-events-none absolute inset-0 size-full opacity-0"
      />
      <ComparedStage video={props.video} track={track} scene={scene} width={width} />
    </div>
  );
}
