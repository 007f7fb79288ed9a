import { X } from 'lucide-react';
import { useEffect } from 'react';
import { useNotices } from './notices';

const READING_MS = 9000;

/** What went wrong, said at the foot of the page; never in the way. */
export function Notices() {
  const { text, remedy, clear } = useNotices();
  useEffect(() => {
    if (!text) return;
    const timer = setTimeout(clear, READING_MS);
    return () => clearTimeout(timer);
  }, [text, clear]);
  return (
    <div
      role="status"
      data-notices
      aria-live="polite"
      className="pointer-events-none fixed inset-x-0 bottom-6 z-50 flex justify-center px-6"
    >
      {text && (
        <div className="pointer-events-auto flex max-w-xl items-start gap-3 rounded-lg bg-ink px-4 py-3 text-page shadow-lg">
          <span>{text}</span>
          {remedy && (
            <button
              onClick={() => {
                remedy.run();
                clear();
              }}
              className="flex-none font-semibold underline underline-offset-4 hover:no-underline"
            >
              {remedy.label}
            </button>
          )}
          <button
            aria-label="Close this message"
            onClick={clear}
            className="mt-0.5 opacity-80 hover:opacity-100"
          >
            <X size={16} />
          </button>
        </div>
      )}
    </div>
  );
}
