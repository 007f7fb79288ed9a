/** 0:06.4 */
export function stamp(ms: number): string {
  const tenths = Math.floor(ms / 100);
  return `${Math.floor(tenths / 600)}:${String(Math.floor(tenths / 10) % 60).padStart(2, '0')}.${tenths % 10}`;
}

/** 0:06.412 */
export function exact(ms: number): string {
  const whole = Math.round(ms);
  return `${Math.floor(whole / 60_000)}:${String(Math.floor(whole / 1000) % 60).padStart(2, '0')}.${String(whole % 1000).padStart(3, '0')}`;
}

/** 0:22 */
export function length(ms: number): string {
  const seconds = Math.round(ms / 1000);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

/**
 * Reads a typed time: `1:06.412`, seconds (`66.4`), or frames (`193f`).
 * @returns milliseconds, or null for what is no time, such as 0:99
 */
export function readTime(text: string, frameMs: number): number | null {
  const typed = text.trim().replace(',', '.');
  const frames = /^(\d+)\s*f$/i.exec(typed);
  if (frames) return Math.round(Number(frames[1]) * frameMs);
  const clock = /^(?:(\d+):)?(\d+):(\d{1,2}(?:\.\d*)?)$/.exec(typed);
  if (clock) {
    // A minute has sixty seconds, an hour sixty minutes.
    if (Number(clock[3]) >= 60 || (clock[1] !== undefined && Number(clock[2]) >= 60)) return null;
    return Math.round((Number(clock[1] ?? 0) * 3600 + Number(clock[2]) * 60 + Number(clock[3])) * 1000);
  }
  return /^\d*\.?\d+$|^\d+\.$/.test(typed) ? Math.round(Number(typed) * 1000) : null;
}
