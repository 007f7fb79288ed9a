import type { Box, Glyphs, Mark, Part, Picture, Pose } from '../api/types';

/** The positions of a part's words at rest, design pixels. */
export interface WordBox {
  wordId: number;
  box: Box;
}

function glyphsOf(marks: Mark[]): Glyphs[] {
  return marks.flatMap((mark) =>
    mark.kind === 'group'
      ? glyphsOf(mark.marks as Mark[])
      : mark.kind === 'glyphs' && mark.wordId
        ? [mark]
        : [],
  );
}

function picturesOf(marks: Mark[]): Picture[] {
  return marks.flatMap((mark) =>
    mark.kind === 'group'
      ? picturesOf(mark.marks as Mark[])
      : mark.kind === 'picture' && mark.wordId
        ? [mark]
        : [],
  );
}

/** The positions of emoji at words of a part. */
export function emojiBoxes(part: Part): WordBox[] {
  return picturesOf(part.marks as Mark[]).map(({ wordId, ink }) => ({ wordId, box: ink }));
}

export function wordBoxes(part: Part): WordBox[] {
  const boxes = new Map<number, Box>();
  for (const { wordId, ink } of glyphsOf(part.marks as Mark[])) {
    const known = boxes.get(wordId);
    boxes.set(wordId, known ? union(known, ink) : ink);
  }
  return [...boxes].map(([wordId, box]) => ({ wordId, box }));
}

/** By how much the whole block is turned, degrees about a point in design pixels; null for not at all. */
export function turnOf(part: Part): Pose | null {
  const [outer] = part.marks as Mark[];
  return outer?.kind === 'group' && outer.pose.tilt !== 0 ? outer.pose : null;
}

/** A point of the frame in the coordinates of the block before rotation. */
export function unturned(turn: Pose | null, x: number, y: number) {
  if (!turn) return { x, y };
  const angle = (-turn.tilt / 180) * Math.PI;
  const dx = x - turn.pivotX;
  const dy = y - turn.pivotY;
  return {
    x: turn.pivotX + dx * Math.cos(angle) - dy * Math.sin(angle),
    y: turn.pivotY + dx * Math.sin(angle) + dy * Math.cos(angle),
  };
}

export function union(a: Box, b: Box): Box {
  const x = Math.min(a.x, b.x);
  const y = Math.min(a.y, b.y);
  return {
    x,
    y,
    width: Math.max(a.x + a.width, b.x + b.width) - x,
    height: Math.max(a.y + a.height, b.y + b.height) - y,
  };
}

/** The bounds of all words, with the emoji in their lines; null for a part without words. */
export function blockOf(words: WordBox[], emoji: WordBox[]): Box | null {
  if (words.length === 0) return null;
  const block = words.map((b) => b.box).reduce(union);
  return emoji
    .map((e) => e.box)
    .filter((e) => e.y + e.height / 2 > block.y && e.y + e.height / 2 < block.y + block.height)
    .filter((e) => e.x < block.x + block.width + e.width && e.x + e.width > block.x - e.width)
    .reduce(union, block);
}
