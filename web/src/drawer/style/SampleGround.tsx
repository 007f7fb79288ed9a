import type { Scene } from '../../api/types';
import { SamplePlayer } from '../../stage/SamplePlayer';

/** A moving sample on a background that shows light and dark letters. */
export function SampleGround({
  scene,
  width,
  height,
}: {
  scene: Scene | undefined;
  width: number;
  height: number;
}) {
  return (
    <span
      style={{ height }}
      className="flex items-center justify-center bg-[linear-gradient(160deg,#3f6a70,#1d4047_70%,#17343a)]"
    >
      {scene && scene.parts.length > 0 && <SamplePlayer scene={scene} width={width} height={height} />}
    </span>
  );
}
