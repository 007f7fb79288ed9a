import { useEffect } from 'react';

/*
 * Who has the keyboard. What was clicked or dragged gives it back to the bench at once; what was reached by the Tab key
 * keeps it. Text fields keep it until Enter or Escape, and dialogs, menus and lists until they close.
 */

const TEXT_TYPES = ['text', 'search', 'number', 'email', 'password', 'url', 'tel'];
const OPEN = '[role=dialog], [role=alertdialog], [role=menu], [role=listbox]';
/** Handles that were just dragged are moved on by the arrow keys. */
const HANDLES = '[role=slider]:not(input), [role=group][tabindex]';
const ARROWS = ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown', 'Home', 'End', 'PageUp', 'PageDown'];
const PRESSES = [' ', 'Enter'];

/** How long letters are kept back after a field closed by itself, or before one that is about to open, ms. */
const KEPT_MS = 400;

export const isTextField = (element: Element | null): element is HTMLInputElement | HTMLTextAreaElement =>
  element instanceof HTMLTextAreaElement ||
  (element instanceof HTMLInputElement && TEXT_TYPES.includes(element.type));

const isLetter = (e: KeyboardEvent) => e.key.length === 1 && !e.ctrlKey && !e.metaKey && !e.altKey;
const isUndo = (e: KeyboardEvent) => (e.ctrlKey || e.metaKey) && /^[zy]$/i.test(e.key);

/** The focus is moved by the keyboard, or by a screen reader, until a pointer is used; after Tab again. */
let tabbed = true;
let pressing = false;
/** Text that the focused field had when it got the keyboard. */
let before = '';
let edited = false;
let field: Element | null = null;
/** Letters wait until then for a field. */
let keptUntil = 0;
let kept = '';

/** A text field is about to open: letters typed until then are its own. */
export function expectField() {
  keptUntil = performance.now() + KEPT_MS;
  kept = '';
}

/** Whether the control with the focus keeps this key; all others are the bench's. */
export function keepsKey(target: Element, e: KeyboardEvent): boolean {
  if (target.closest(OPEN)) return true;
  if (isTextField(target)) return !(isUndo(e) && !edited);
  if (target.closest('[data-word]')) return false;
  const control = target.closest('a, button, input, select, summary, [role]');
  if (control instanceof HTMLSelectElement) {
    return ARROWS.includes(e.key) || PRESSES.includes(e.key) || isLetter(e);
  }
  const role = control?.getAttribute('role');
  const type = control instanceof HTMLInputElement ? control.type : role;
  if (type === 'range' || type === 'slider' || type === 'separator') return ARROWS.includes(e.key);
  if (type === 'radio' || type === 'tab') return ARROWS.includes(e.key) || PRESSES.includes(e.key);
  return (
    PRESSES.includes(e.key) &&
    (control instanceof HTMLButtonElement ||
      control instanceof HTMLAnchorElement ||
      control instanceof HTMLInputElement ||
      control?.localName === 'summary')
  );
}

/** Keeps letters back that no field has yet. @returns whether this was one */
export function keptBack(e: KeyboardEvent): boolean {
  if (!isLetter(e) || performance.now() > keptUntil) return false;
  kept += e.key;
  return true;
}

function giveBack(why?: 'changed') {
  const element = document.activeElement;
  if (tabbed || pressing || !(element instanceof HTMLElement) || element === document.body) return;
  if (isTextField(element) || element.closest(OPEN) || element.matches(HANDLES)) return;
  // Its list is open until something is chosen.
  if (element instanceof HTMLSelectElement && why !== 'changed') return;
  element.blur();
}
/** Timers that give the keyboard back, and why. */
const owed = new Map<number, 'changed' | undefined>();
function giveBackSoon(why?: 'changed') {
  const timer = window.setTimeout(() => {
    owed.delete(timer);
    giveBack(why);
  });
  owed.set(timer, why);
}
/** On a busy machine a key comes before the timers. */
function giveBackNow() {
  for (const [timer, why] of owed) {
    window.clearTimeout(timer);
    giveBack(why);
  }
  owed.clear();
}

/** What was typed goes, as if by hand: React hears of it. */
function takeBack(of: HTMLInputElement) {
  Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!.call(of, before);
  of.dispatchEvent(new Event('input', { bubbles: true }));
}

/** After the field's own handlers: Enter keeps and Escape takes back, and both give the keyboard back. */
function closeField(e: KeyboardEvent) {
  const target = e.target as Element;
  // Longer texts are no values: they stay as they are typed.
  if (target instanceof HTMLTextAreaElement && e.key === 'Escape' && !target.closest(OPEN)) {
    window.setTimeout(() => target.blur());
    return;
  }
  if (!(target instanceof HTMLInputElement) || !isTextField(target)) return;
  const form = target.closest('form');
  if (
    target.type === 'search' ||
    (form && !target.closest('aside')) ||
    target.closest(`[data-stays], ${OPEN}`)
  )
    return;
  window.setTimeout(() => {
    if (document.activeElement !== target) return;
    if (e.key === 'Escape' && target.value !== before) takeBack(target);
    target.blur();
  });
}

function onFocus(e: FocusEvent) {
  const target = e.target as Element;
  field = isTextField(target) ? target : null;
  if (isTextField(target)) {
    before = target.value;
    edited = false;
    const letters = performance.now() < keptUntil ? kept : '';
    keptUntil = 0;
    kept = '';
    if (letters) window.setTimeout(() => document.execCommand('insertText', false, letters));
    // What opened a menu or a dialog gets the focus when it closes.
  } else if (!tabbed && !pressing && target.matches('[aria-haspopup]')) giveBackSoon();
}

function onKey(e: KeyboardEvent) {
  if (e.key === 'Tab') tabbed = true;
  else giveBackNow();
  // A field that is ended by a key did not close by itself.
  if (['Enter', 'Escape', 'Tab'].includes(e.key)) field = null;
  if (e.key === 'Enter' || e.key === 'Escape') {
    closeField(e);
    // What closes gives the focus to what opened it, in a timer of its own. Firefox tells of that only in front.
    if (e.key === 'Escape') window.setTimeout(() => giveBackSoon());
    // A list that was opened by a click and closed without a choice.
    if (e.target instanceof HTMLSelectElement) giveBackSoon('changed');
  }
}

/** Watches who has the keyboard, on every page. */
export function useKeyboard() {
  useEffect(() => {
    const stop = new AbortController();
    const on = <K extends keyof DocumentEventMap>(type: K, heard: (e: DocumentEventMap[K]) => void) =>
      document.addEventListener(type, heard, { capture: true, signal: stop.signal });
    on('pointerdown', () => {
      tabbed = false;
      pressing = true;
      field = null;
    });
    const released = () => {
      pressing = false;
      giveBackSoon();
    };
    on('pointerup', released);
    on('pointercancel', released);
    on('click', () => giveBackSoon());
    on('change', (e) => e.target instanceof HTMLSelectElement && giveBackSoon('changed'));
    on('input', () => (edited = true));
    on('focusin', onFocus);
    on('keydown', onKey);
    // A field that went by itself: the typist has not seen it yet.
    const gone = new MutationObserver(() => {
      if (!field || field.isConnected) return;
      field = null;
      expectField();
    });
    gone.observe(document.body, { childList: true, subtree: true });
    return () => {
      stop.abort();
      gone.disconnect();
    };
  }, []);
}
