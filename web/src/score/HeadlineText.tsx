import { useLayoutEffect, useRef, useState } from 'react';
import { useChange } from '../api/changes';
import type { Clip, Headline } from '../api/types';

/** A field for the text of a headline; it is saved on blur. */
export function HeadlineText(props: { clip: Clip; headline: Headline; label: string; className: string }) {
  const { clip, headline } = props;
  const change = useChange(clip.id);
  const field = useRef<HTMLTextAreaElement>(null);
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? headline.text;
  useLayoutEffect(() => {
    field.current!.style.height = 'auto';
    field.current!.style.height = `${field.current!.scrollHeight}px`;
  }, [text]);
  const take = () => {
    if (typed !== null && typed.trim() !== headline.text) {
      change.mutate(
        typed.trim() === ''
          ? { kind: 'dropHeadline', id: headline.id }
          : { kind: 'putHeadline', id: headline.id, text: typed.trim() },
      );
    }
    setTyped(null);
  };
  return (
    <textarea
      ref={field}
      rows={1}
      aria-label={props.label}
      title="Enter takes it, Shift Enter begins a line"
      maxLength={300}
      value={text}
      onChange={(e) => setTyped(e.target.value)}
      onBlur={take}
      onKeyDown={(e) => {
        if (e.key === 'Enter' && !e.shiftKey) {
          e.preventDefault();
          e.currentTarget.blur();
        }
        if (e.key === 'Escape') setTyped(null);
      }}
      className={`block w-full resize-none overflow-hidden ${props.className}`}
    />
  );
}
