import { useLayoutEffect, useRef } from 'react';
import { useChange } from '../api/queries';
import type { Cue } from '../api/types';
import { useSelection } from '../selection/selection';

/** A cue's text being typed, in its place. Enter keeps it, Escape leaves it as it was. */
export function CueText({ clipId, cue, caretAt }: { clipId: string; cue: Cue; caretAt: number | null }) {
  const field = useRef<HTMLTextAreaElement>(null);
  const change = useChange(clipId);
  const { endTyping } = useSelection.getState();
  const text = cue.words.map((w) => w.text).join(' ');
  const done = useRef(false);

  useLayoutEffect(() => {
    const element = field.current!;
    element.focus();
    let from = 0;
    for (const word of cue.words) {
      if (word.id === caretAt) {
        element.setSelectionRange(from, from + word.text.length);
        return;
      }
      from += word.text.length + 1;
    }
    element.setSelectionRange(text.length, text.length);
    // Only when typing begins: the caret is the typist's afterwards.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);

  const end = (keep: boolean) => {
    if (done.current) return;
    done.current = true;
    const typed = field.current!.value.replace(/\s+/g, ' ').trim();
    endTyping();
    if (keep && typed && typed !== text) change.mutate({ kind: 'retypeCue', cueId: cue.id, text: typed });
  };
  return (
    <textarea
      ref={field}
      aria-label="Text of this cue"
      defaultValue={text}
      rows={Math.max(1, Math.ceil(text.length / 34))}
      onBlur={() => end(true)}
      onKeyDown={(e) => {
        if (e.key === 'Enter') {
          e.preventDefault();
          end(true);
        } else if (e.key === 'Escape') {
          end(false);
        }
        e.stopPropagation();
      }}
      className="w-full resize-none rounded-md bg-page px-1.5 py-0.5 leading-[1.5] outline-2 outline-accent"
    />
  );
}
