/** A key with what is held beside it, as it is written: “Ctrl Shift Z”, “B”, “?”, “Shift ←”. */
export function comboOf(e: {
  key: string;
  code?: string;
  ctrlKey: boolean;
  metaKey: boolean;
  altKey: boolean;
  shiftKey: boolean;
}): string {
  const letter = e.key.length === 1 && e.key.toLowerCase() !== e.key.toUpperCase();
  const digit = e.shiftKey ? /^Digit([1-4])$/.exec(e.code ?? '')?.[1] : undefined;
  // What Shift makes of these digits differs from keyboard to keyboard, and none of it is a key of the bench.
  if (digit && !letter)
    return [e.ctrlKey || e.metaKey ? 'Ctrl' : '', e.altKey ? 'Alt' : '', 'Shift', digit]
      .filter(Boolean)
      .join(' ');
  const named = NAMES[e.key] ?? (letter ? e.key.toUpperCase() : e.key);
  // A sign such as ? is pressed with Shift on some keyboards and without on others.
  const shift = e.shiftKey && (letter || e.key.length > 1 || e.key === ' ');
  return [e.ctrlKey || e.metaKey ? 'Ctrl' : '', e.altKey ? 'Alt' : '', shift ? 'Shift' : '', named]
    .filter(Boolean)
    .join(' ');
}

const NAMES: Record<string, string> = {
  ' ': 'Space',
  ArrowLeft: '←',
  ArrowRight: '→',
  ArrowUp: '↑',
  ArrowDown: '↓',
  Escape: 'Esc',
};

/** Keys that a browser keeps for itself, or that only hold others. */
const KEPT =
  /^(Ctrl (W|T|N|Tab|L|R|P|S|C|V|X|A|F)|Ctrl Shift (T|N|W|Tab|R)|Alt (←|→|F4)|F\d+|Tab|Shift Tab)$/;
const HELD = ['Control', 'Shift', 'Alt', 'Meta', 'AltGraph', 'CapsLock', 'Dead'];

/** Why this cannot be a key of the bench, or null when it can. */
export function refusedCombo(e: { key: string }, combo: string): string | null {
  if (HELD.includes(e.key)) return '';
  return KEPT.test(combo) ? `${combo} belongs to the browser.` : null;
}
