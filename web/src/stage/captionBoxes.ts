import type { Box, Glyphs, Mark, Part } from '../api/types';

/** Where the words of a part stand at rest, design pixels. */
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

export function wordBoxes(part: Part): WordBox[] {
  const boxes = new Map<number, Box>();
  for (const { wordId, ink } of glyphsOf(part.marks as Mark[])) {
    const known = boxes.get(wordId);
    boxes.set(wordId, known ? union(known, ink) : ink);
  }
  return [...boxes].map(([wordId, box]) => ({ wordId, box }));
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

/** All words together; null for a part without any. */
export function blockOf(boxes: WordBox[]): Box | null {
  return boxes.length === 0 ? null : boxes.map((b) => b.box).reduce(union);
}
