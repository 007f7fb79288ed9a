import { differing } from '../state/differing';

/** What somebody else typed into the same cue meanwhile, with what differs from the field marked. */
export function TheirText({ id, theirs, typed }: { id: string; theirs: string; typed: string }) {
  return (
    <div id={id} role="status" className="mt-1.5 rounded-md bg-sunk px-2.5 py-1.5 text-note">
      <p className="text-soft">Somebody else typed here meanwhile:</p>
      <p dir="auto" className="py-0.5 text-ink">
        {differing(theirs, typed).map(({ word, differs }, i) => (
          <span key={i} className={differs ? 'font-semibold text-accent' : undefined}>
            {word}{' '}
          </span>
        ))}
      </p>
      <p className="text-soft">Enter keeps yours, Escape theirs, Ctrl&nbsp;Enter merges both.</p>
    </div>
  );
}
