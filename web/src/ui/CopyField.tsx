import { Check, Copy } from 'lucide-react';
import { useRef, useState } from 'react';

const SAID_MS = 2000;

/** A text with a copy button. */
export function CopyField({ label, text }: { label: string; text: string }) {
  const field = useRef<HTMLInputElement>(null);
  const [copied, setCopied] = useState(false);
  const copy = async () => {
    field.current?.select();
    try {
      await navigator.clipboard.writeText(text);
      setCopied(true);
      setTimeout(() => setCopied(false), SAID_MS);
    } catch {
      // It stays selected, to be copied by hand.
    }
  };
  return (
    <span className="flex gap-2">
      <input
        ref={field}
        readOnly
        aria-label={label}
        value={text}
        onFocus={(e) => e.target.select()}
        className="min-w-0 flex-1 field px-2.5 py-1.5 text-note"
      />
      <button
        type="button"
        onClick={() => void copy()}
        className="flex flex-none items-center gap-1.5 rounded-full border border-rule bg-paper px-3 text-note hover:border-ink"
      >
        {copied ? <Check size={14} /> : <Copy size={14} />} {copied ? 'Copied' : 'Copy'}
      </button>
    </span>
  );
}
