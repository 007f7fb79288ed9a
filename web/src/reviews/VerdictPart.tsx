import { Check, PencilLine } from 'lucide-react';
import { useState } from 'react';
import { useSay } from '../api/reviews';
import type { Shared } from '../api/types';
import { NameField, useMyName } from './NameField';

type Word = 'APPROVED' | 'CHANGES';

/** The client's answer to the whole. */
export function VerdictPart({ token, shared }: { token: string; shared: Shared }) {
  const [choosing, setChoosing] = useState<Word | null>(null);
  const [text, setText] = useState('');
  const [name, setName] = useMyName(shared.me ?? null);
  const say = useSay(token);
  const last = shared.remarks.findLast((r) => r.kind !== 'REMARK' && r.round === shared.round);
  const send = () =>
    choosing &&
    say.mutate(
      { author: name, kind: choosing, text },
      {
        onSuccess: () => {
          setChoosing(null);
          setText('');
        },
      },
    );
  return (
    <section aria-label="Your answer" className="mb-6">
      {last && (
        <p role="status" className="mb-3 flex items-start gap-2 rounded-lg bg-paper px-3 py-2.5">
          {last.kind === 'APPROVED' ? (
            <Check size={18} className="mt-0.5 flex-none" />
          ) : (
            <PencilLine size={18} className="mt-0.5 flex-none text-accent" />
          )}
          <span>
            {last.kind === 'APPROVED'
              ? `${last.author} has approved this version.`
              : `${last.author} has requested changes.`}
            {last.text && <span className="block text-soft">{last.text}</span>}
          </span>
        </p>
      )}
      {choosing === null ? (
        <div className="flex gap-2">
          <button
            onClick={() => setChoosing('APPROVED')}
            className="flex h-11 flex-1 items-center justify-center gap-2 rounded-full bg-accent px-4 font-medium text-on-accent hover:brightness-110"
          >
            <Check size={17} /> Approve
          </button>
          <button
            onClick={() => setChoosing('CHANGES')}
            className="flex h-11 flex-1 items-center justify-center gap-2 rounded-full border border-rule px-4 hover:border-ink"
          >
            <PencilLine size={16} /> Ask for changes
          </button>
        </div>
      ) : (
        <form
          aria-label={choosing === 'APPROVED' ? 'Approve' : 'Ask for changes'}
          className="rounded-lg bg-paper p-3"
          onSubmit={(e) => {
            e.preventDefault();
            send();
          }}
        >
          <p className="mb-2 font-medium">
            {choosing === 'APPROVED' ? 'It may go out as it is.' : 'It is not right yet.'}
          </p>
          <textarea
            aria-label="A word to it"
            placeholder={
              choosing === 'APPROVED'
                ? 'A word to it, if you like'
                : 'What should be different? Remarks below are listed by their moments.'
            }
            value={text}
            rows={2}
            maxLength={2000}
            onChange={(e) => setText(e.target.value)}
            className="mb-2 w-full field px-3 py-2 text-head"
          />
          <div className="flex flex-wrap gap-2">
            {!shared.me && <NameField name={name} onChange={setName} />}
            <button
              disabled={say.isPending || name.trim() === ''}
              className="h-10 rounded-full bg-accent px-5 font-medium text-on-accent hover:brightness-110 disabled:opacity-50"
            >
              {choosing === 'APPROVED' ? 'Approve' : 'Ask for changes'}
            </button>
            <button
              type="button"
              onClick={() => setChoosing(null)}
              className="h-10 rounded-full px-3 text-soft hover:text-ink"
            >
              Not yet
            </button>
          </div>
          {say.error && (
            <p role="alert" className="mt-2 text-note text-accent">
              {say.error.message}
            </p>
          )}
        </form>
      )}
    </section>
  );
}
