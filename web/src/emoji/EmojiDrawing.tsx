import { drawingOf } from '../api/emoji';

/** An emoji or a sticker as captions show it. */
export function EmojiDrawing({ emoji, size }: { emoji: string; size: number }) {
  return <img src={drawingOf(emoji)} alt={emoji} width={size} height={size} loading="lazy" />;
}
