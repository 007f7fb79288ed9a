import { Ear, Keyboard, ScrollText } from 'lucide-react';
import { useNavigate } from 'react-router';
import { useOrderWords } from '../api/jobs';
import type { Clip, Job } from '../api/types';
import { usePolicies } from '../state/policies';
import { useSelection } from '../state/selection';

/** The empty score with commands for the next step. */
export function NoWords({ clip, working }: { clip: Clip; working: Job | undefined }) {
  const navigate = useNavigate();
  const order = useOrderWords(clip.id);
  const policies = usePolicies().chosen;
  const paste = () => {
    void navigate(`/clips/${clip.id}/words`);
    requestAnimationFrame(() => document.getElementById('script')?.focus());
  };
  return (
    <div
      role="region"
      aria-label="Score"
      className="flex min-h-0 min-w-0 flex-1 items-center justify-center px-10"
    >
      {working ? (
        <p className="text-lead text-soft">{working.message ?? 'Queued'}</p>
      ) : (
        <div className="max-w-md">
          <h2 className="text-title font-semibold">This clip has no words yet</h2>
          <p className="mt-3 text-soft">
            If you have the script, paste it: each word gets its exact time from the voice. If not, let the
            speech be recognised and correct the draft. If the clip has no speech, type the cues along with
            the picture.
          </p>
          <div className="mt-6 flex flex-wrap gap-3">
            <button
              onClick={paste}
              className="flex items-center gap-2 rounded-full bg-accent px-5 py-2.5 font-medium text-on-accent hover:brightness-110"
            >
              <ScrollText size={17} /> Paste the script
            </button>
            {clip.sounds > 0 && (
              <button
                onClick={() => order.mutate({ language: 'en', policies })}
                className="flex items-center gap-2 rounded-full border border-rule px-5 py-2.5 font-medium hover:border-ink"
              >
                <Ear size={17} /> Recognise the speech
              </button>
            )}
            <button
              onClick={() => useSelection.getState().typeByHand()}
              className="flex items-center gap-2 rounded-full border border-rule px-5 py-2.5 font-medium hover:border-ink"
            >
              <Keyboard size={17} /> Type at the playhead{' '}
              <kbd className="font-sans text-tiny text-soft">Y</kbd>
            </button>
          </div>
        </div>
      )}
    </div>
  );
}
