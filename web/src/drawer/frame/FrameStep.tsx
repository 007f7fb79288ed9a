import { useEffect } from 'react';
import { useChange } from '../../api/changes';
import type { Clip, Edit, Frame, Track } from '../../api/types';
import { endFraming, tryFrame, useShownFrame } from '../../state/framing';
import { BarsPart } from './BarsPart';
import { FocusPart } from './FocusPart';
import { HeadlinePart } from './HeadlinePart';
import { ShapePart } from './ShapePart';
import { ZonesPart } from './ZonesPart';

/** The shape of the finished picture, the fit of the clip, and the safe zones. */
export function FrameStep({ clip, track }: { clip: Clip; track: Track }) {
  const change = useChange(clip.id);
  const { frame } = useShownFrame(track);
  useEffect(() => endFraming, [clip.id]);
  const reframe = (part: Partial<Frame>) => (now: Track) =>
    ({ kind: 'reframe', frame: { ...now.frame, ...part } }) satisfies Edit;
  const set = (part: Partial<Frame>) => change.mutate(reframe(part));
  const soon = (part: Partial<Frame>) => tryFrame(clip.id, { ...track.frame, ...part });
  const now = (part: Partial<Frame>) => change.mutate(reframe(part), { onSettled: endFraming });
  return (
    <>
      <ShapePart clip={clip} track={track} frame={frame} set={set} />
      {frame.aspect !== 'OWN' && frame.sit === 'FILL' && <FocusPart frame={frame} set={set} />}
      {frame.aspect !== 'OWN' && frame.sit === 'FIT' && (
        <BarsPart frame={frame} set={set} soon={soon} now={now} />
      )}
      <HeadlinePart clip={clip} track={track} />
      <ZonesPart clip={clip} layout={track.layout} />
    </>
  );
}
