/** The twin of core's Colours. */
export function channels(colour: string): [number, number, number, number] {
  const n = (from: number) => parseInt(colour.slice(from, from + 2), 16);
  return [n(1), n(3), n(5), colour.length === 9 ? n(7) : 255];
}

const hex = (n: number) => n.toString(16).padStart(2, '0');

/** Channel by channel in sRGB; out of range is clamped. */
export function mix(from: string, to: string, at: number): string {
  const a = channels(from);
  const b = channels(to);
  return '#' + a.map((v, i) => hex(Math.min(255, Math.max(0, Math.round(v + (b[i] - v) * at))))).join('');
}
