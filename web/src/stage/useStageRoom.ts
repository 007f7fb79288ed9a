import { useRemembered } from '../state/remembered';

/** Parts of the window that the stage takes: of its width, and of its height with the score below. */
const FIRST = { portrait: 0.34, wide: 0.44, below: 0.48 };
const LEAST = 0.18;
const MOST = 0.68;

export type Split = keyof typeof FIRST;

/**
 * How much room the stage has beside the score. It is dragged at the divider, and remembered by this browser for tall
 * and for wide pictures.
 */
export function useStageRoom(aspect: number) {
  const wide = aspect > 1.2;
  const below = useRemembered((s) => s.scoreBelow) && wide;
  const split: Split = below ? 'below' : wide ? 'wide' : 'portrait';
  const dragged = useRemembered((s) => s.stage[split]);
  const part = dragged ?? FIRST[split];
  return {
    below,
    wide,
    split,
    part,
    least: LEAST,
    most: MOST,
    /** Of the section, as CSS: what the score and the drawer need is left to them. */
    size: below
      ? `clamp(180px, ${part * 100}vh, calc(100vh - 240px))`
      : `clamp(230px, ${room(part, dragged, wide, aspect)}, calc(100vw - var(--drawer) - 356px))`,
  };
}

/** Until it is dragged, a tall picture takes no more width than its height asks for. */
function room(part: number, dragged: number | undefined, wide: boolean, aspect: number) {
  const width = `${part * 100}vw`;
  return dragged || wide ? width : `min(${width}, calc((100vh - 112px) * ${aspect} + 32px))`;
}

/** @param part of the window; null for as it comes */
export function splitAt(split: Split, part: number | null) {
  const kept = part === null ? undefined : Math.max(LEAST, Math.min(MOST, part));
  useRemembered.setState(({ stage }) => ({ stage: { ...stage, [split]: kept } }));
}
