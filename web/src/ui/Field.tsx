import {
  type InputHTMLAttributes,
  type KeyboardEvent,
  useEffect,
  useId,
  useLayoutEffect,
  useRef,
  useState,
} from 'react';
import { flushSync } from 'react-dom';

/** A sentence about what was typed: why it was refused, or what became of it. Nothing if it was taken as it is. */
export type Said = string | undefined | void;

/** A note is shown for so long, and until a hand does something after that: a slow reader has not moved yet. */
const SHOWN_MS = 9000;

/**
 * A value that is typed: Enter and leaving the field keep it, Escape takes it back. What is refused or becomes another
 * value is said at the field.
 */
export function Field({
  label,
  shown,
  take,
  onTyped,
  onKey,
  className = '',
  ...rest
}: {
  label: string;
  /** The present value, as it is written. */
  shown: string;
  take: (typed: string) => Said | Promise<Said>;
  /** Tells what is in the field while it is typed; null when nothing is. */
  onTyped?: (typed: string | null) => void;
  /** Keys that the field has besides; true if it was one. */
  onKey?: (e: KeyboardEvent<HTMLInputElement>) => boolean;
  className?: string;
} & Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange' | 'onBlur' | 'onKeyDown'>) {
  const [typed, setTyped] = useState<string | null>(null);
  const [said, setSaid] = useState('');
  const id = useId();
  useEffect(() => {
    if (!said) return;
    const seen = new AbortController();
    const timer = window.setTimeout(() => {
      for (const type of ['pointerdown', 'keydown']) {
        document.addEventListener(type, () => setSaid(''), { signal: seen.signal, capture: true });
      }
    }, SHOWN_MS);
    return () => {
      window.clearTimeout(timer);
      seen.abort();
    };
  }, [said]);
  const type = (text: string | null) => {
    setTyped(text);
    onTyped?.(text);
  };
  const end = async () => {
    if (typed === null) return;
    const text = typed.trim();
    type(null);
    if (text !== shown.trim()) setSaid((await take(text)) ?? '');
  };
  return (
    <span className={`relative inline-flex min-w-0 ${className.includes('w-full') ? 'w-full' : 'flex-none'}`}>
      <input
        aria-label={label}
        {...rest}
        value={typed ?? shown}
        aria-describedby={said ? id : undefined}
        onFocus={(e) => e.target.select()}
        onChange={(e) => {
          setSaid('');
          type(e.target.value);
        }}
        onBlur={() => void end()}
        onKeyDown={(e) => {
          if (onKey?.(e)) {
            e.preventDefault();
            flushSync(() => type(null));
          } else if (e.key === 'Enter') {
            const field = e.currentTarget;
            // In a dialog the field keeps the focus: what is typed next replaces the value.
            void end().then(() => document.activeElement === field && field.select());
          }
          // At once: leaving the field would keep what was typed.
          else if (e.key === 'Escape') flushSync(() => type(null));
        }}
        className={`${className} ${said ? 'border-accent' : ''}`}
      />
      {said && <Note id={id}>{said}</Note>}
    </span>
  );
}

const EDGE_PX = 8;

/** Under its field, and whole within what scrolls it. */
function Note({ id, children }: { id: string; children: string }) {
  const note = useRef<HTMLSpanElement>(null);
  useLayoutEffect(() => {
    const element = note.current!;
    const room = (element.closest('aside, [role=dialog], main') ?? document.body).getBoundingClientRect();
    const box = element.getBoundingClientRect();
    const right = Math.max(0, box.right - (room.right - EDGE_PX));
    const left = Math.max(0, room.left + EDGE_PX - box.left);
    element.style.transform = `translateX(${left - right}px)`;
  }, [children]);
  return (
    <span
      ref={note}
      id={id}
      role="alert"
      className="absolute top-full right-0 z-30 mt-1 w-max max-w-56 rounded-md bg-ink px-2 py-1 text-left text-tiny leading-snug text-page shadow-lg"
    >
      {children}
    </span>
  );
}
