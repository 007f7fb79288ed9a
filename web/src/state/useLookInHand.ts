import { type Target, useLook } from '../api/looks';
import type { LookView } from '../api/types';
import { useWithGiven } from './givenLook';
import { type LookChange, nameOf, useLookChange } from './useLookChange';

/** The look of the selection including unsaved values, with a function to change it. */
export function useLookInHand(
  clipId: string,
  version: number,
  target: Target,
): { view: LookView | undefined; change: LookChange } {
  const asked = useLook(clipId, version, target);
  const answered = asked.isPlaceholderData ? 0 : version;
  return {
    view: useWithGiven(nameOf(clipId, target), answered, asked.data),
    change: useLookChange(clipId, target),
  };
}
