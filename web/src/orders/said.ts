import type { Estimated } from '../api/types';

/** “82 GB”, “12.4 MB”, “840 KB”. */
export function bytes(count: number): string {
  if (count === 0) return 'nothing';
  if (count >= 1e9) return `${count < 1e10 ? (count / 1e9).toFixed(1) : Math.round(count / 1e9)} GB`;
  if (count < 1e6) return `${Math.max(1, Math.round(count / 1e3))} KB`;
  return `${count < 1e8 ? (count / 1e6).toFixed(1) : Math.round(count / 1e6)} MB`;
}

/** “21 s”, “4 min”. */
export function duration(seconds: number): string {
  return seconds < 90 ? `${Math.max(1, Math.round(seconds))} s` : `${Math.round(seconds / 60)} min`;
}

/** “14:02”, or the day where it is not today. */
export function when(iso: string): string {
  const date = new Date(iso);
  return date.toDateString() === new Date().toDateString()
    ? date.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
    : date.toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });
}

/** “About 12 MB in 20 s”; null if no estimate is available. */
export function estimateSentence(all: Estimated[] | undefined): string | null {
  const known = all?.filter((e) => e.bytes !== undefined) ?? [];
  if (known.length === 0) return null;
  const size = known.reduce((sum, e) => sum + e.bytes!, 0);
  const seconds = known.reduce((sum, e) => sum + e.seconds!, 0);
  const more = known.length < all!.length ? ', plus files whose size is not known yet' : '';
  return `About ${bytes(size)} in ${duration(seconds)}${more}`;
}
