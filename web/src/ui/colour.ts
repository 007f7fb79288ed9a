/**
 * Reads a colour as CSS writes it: a name, six digits with or without #, rgb(…).
 *
 * @returns #rrggbb, with two more digits where it is not opaque; null for what is no colour
 */
export function readColour(typed: string): string | null {
  const text = /^([0-9a-f]{3,4}|[0-9a-f]{6}|[0-9a-f]{8})$/i.test(typed.trim())
    ? `#${typed.trim()}`
    : typed.trim();
  if (!CSS.supports('color', text) || /^(inherit|initial|unset|revert|currentcolor|var\()/i.test(text))
    return null;
  const canvas = new OffscreenCanvas(1, 1).getContext('2d')!;
  canvas.fillStyle = text;
  canvas.fillRect(0, 0, 1, 1);
  const written = String(canvas.fillStyle);
  if (written.startsWith('#')) return written;
  const parts = /^rgba\((\d+), (\d+), (\d+), ([\d.]+)\)$/.exec(written);
  if (!parts) return null;
  const hex = (value: number) => Math.round(value).toString(16).padStart(2, '0');
  return `#${parts
    .slice(1, 4)
    .map((part) => hex(Number(part)))
    .join('')}${hex(255 * Number(parts[4]))}`;
}
