/** “12.4 MB”, “840 KB”. */
export function bytes(count: number): string {
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
