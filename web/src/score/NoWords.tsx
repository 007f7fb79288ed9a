import { Ear, ScrollText } from 'lucide-react';
import { useNavigate } from 'react-router';
import { useOrder } from '../api/queries';
import type { Clip, Job, WordsRequest } from '../api/types';
import { DRAFT_POLICIES } from '../drawer/words/DraftPart';

/** The empty score: it says the next step and does it in one click. */
export function NoWords({ clip, working }: { clip: Clip; working: Job | undefined }) {
  const navigate = useNavigate();
  const order = useOrder<WordsRequest>(`/api/clips/${clip.id}/words`, clip.id);
  const paste = () => {
    navigate(`/clips/${clip.id}/words`);
    requestAnimationFrame(() => document.getElementById('script')?.focus());
  };
  return (
    <div role="region" aria-label="Score" className="flex min-w-0 flex-1 items-center justify-center px-10">
      {working ? (
        <p className="text-lg text-soft">{working.message ?? 'Waiting its turn'}</p>
      ) : (
        <div className="max-w-md">
          <h2 className="text-2xl font-semibold">This clip has no words yet</h2>
          <p className="mt-3 text-soft">
            If you have the script, paste it: each word gets its exact time from the voice. If not, let the
            speech be recognised and correct the draft.
          </p>
          <div className="mt-6 flex gap-3">
            <button
              onClick={paste}
              className="flex items-center gap-2 rounded-full bg-accent px-5 py-2.5 font-medium text-on-accent hover:brightness-110"
            >
              <ScrollText size={17} /> Paste the script
            </button>
            {clip.sounds > 0 && (
              <button
                onClick={() =>
                  order.mutate({ language: 'en', policies: DRAFT_POLICIES.map((p) => p.policy) })
                }
                className="flex items-center gap-2 rounded-full border border-rule px-5 py-2.5 font-medium hover:border-ink"
              >
                <Ear size={17} /> Recognise the speech
              </button>
            )}
          </div>
        </div>
      )}
    </div>
  );
}
