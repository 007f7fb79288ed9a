import { X } from 'lucide-react';
import { useRef, useState } from 'react';
import { useSay } from '../api/reviews';
import { stamp } from '../player/time';
import { NameField, useMyName } from './NameField';

export interface Pinned {
  atMs: number;
  word?: { id: number; text: string };
}

/** A remark at the moment that is on the screen, or at a word. */
export function SayPart(props: {
  token: string;
  me: string | null;
  pinned: Pinned | null;
  timeMs: number;
  onBegin: () => void;
  onPin: (pinned: Pinned | null) => void;
}) {
  const { pinned, me } = props;
  const [text, setText] = useState('');
  const [name, setName] = useMyName(me);
  const field = useRef<HTMLTextAreaElement>(null);
  const say = useSay(props.token);
  const at = pinned?.atMs ?? Math.round(props.timeMs);
  const send = () =>
    say.mutate(
      { author: name, kind: 'REMARK', atMs: at, wordId: pinned?.word?.id, text },
      {
        onSuccess: () => {
          setText('');
          props.onPin(null);
        },
      },
    );
  return (
    <form
      aria-label="A remark"
      className="mb-7"
      onSubmit={(e) => {
        e.preventDefault();
        send();
      }}
    >
      <p className="mb-1.5 flex items-center gap-2 text-note">
        <span className="text-soft">Remark at</span>
        <span className="font-semibold">{stamp(at)}</span>
        {pinned?.word && (
          <span className="flex items-center gap-1 rounded-full bg-tint py-0.5 pr-1 pl-2.5">
            “{pinned.word.text}”
            <button
              type="button"
              aria-label="Not at this word"
              onClick={() => props.onPin({ atMs: pinned.atMs })}
              className="rounded-full p-1 hover:bg-paper"
            >
              <X size={13} />
            </button>
          </span>
        )}
      </p>
      <textarea
        ref={field}
        aria-label="What you want to say"
        placeholder="What should be different here?"
        value={text}
        rows={2}
        maxLength={2000}
        onFocus={() => {
          props.onBegin();
          // What is written belongs to the moment at which it was begun.
          if (!pinned) props.onPin({ atMs: Math.round(props.timeMs) });
        }}
        onChange={(e) => setText(e.target.value)}
        className="w-full field px-3 py-2 text-head"
      />
      {text.trim() !== '' && (
        <div className="mt-2 flex flex-wrap items-center gap-2">
          {me === null && <NameField name={name} onChange={setName} />}
          <button
            disabled={say.isPending || name.trim() === ''}
            className="h-10 rounded-full bg-ink px-5 font-medium text-page hover:brightness-125 disabled:opacity-50"
          >
            Send
          </button>
        </div>
      )}
      {say.error && (
        <p role="alert" className="mt-2 rounded-lg bg-tint px-3 py-2 text-note">
          {say.error.message}
        </p>
      )}
    </form>
  );
}
