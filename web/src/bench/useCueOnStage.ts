import { useEffect } from 'react';
import { useTrackNow } from '../api/queries';
import { usePlayer } from '../player/player';
import { STEPS, type StepName } from '../state/steps';

/** A step about looks opens with a caption on the stage: the playhead goes to the middle of the nearest cue. */
export function useCueOnStage(clipId: string, step: StepName, ready: boolean) {
  const trackNow = useTrackNow(clipId);
  const about = STEPS.some((one) => one.step === step && 'captions' in one);
  useEffect(() => {
    const { timeMs, playing, waiting, seek } = usePlayer.getState();
    const cues = trackNow()?.cues ?? [];
    // Who opened the clip at a word goes there.
    const asked = new URLSearchParams(window.location.search).has('at');
    if (!ready || !about || playing || waiting || asked || cues.length === 0) return;
    const away = (cue: { showMs: number; hideMs: number }) =>
      Math.max(cue.showMs - timeMs, timeMs - cue.hideMs + 1, 0);
    const nearest = cues.reduce((best, cue) => (away(cue) < away(best) ? cue : best));
    if (away(nearest) > 0) seek(Math.round((nearest.showMs + nearest.hideMs) / 2));
  }, [clipId, step, about, ready, trackNow]);
}
