import { Ear, Keyboard, ScrollText, type LucideIcon } from 'lucide-react';
import { useNavigate } from 'react-router';
import { useSpeech } from '../api/hearing';
import { useOrderWords } from '../api/jobs';
import type { Clip, Job } from '../api/types';
import { usePolicies } from '../state/policies';
import { useSelection } from '../state/selection';

type WayName = 'voice' | 'script' | 'hand';
const WITH_VOICE: WayName[] = ['voice', 'script', 'hand'];
const WITHOUT: WayName[] = ['hand', 'script'];

/** The empty score with commands for the next step. */
export function NoWords({ clip, working }: { clip: Clip; working: Job | undefined }) {
  const navigate = useNavigate();
  const order = useOrderWords(clip.id);
  const policies = usePolicies().chosen;
  const paste = () => {
    void navigate(`/clips/${clip.id}/words`);
    requestAnimationFrame(() => document.getElementById('script')?.focus());
  };
  // Until it is known, a sound counts as speech.
  const speech = useSpeech(clip, !working);
  const voice = clip.sounds > 0 && speech !== false;
  const ways: Record<WayName, Omit<WayProps, 'first'>> = {
    voice: {
      icon: Ear,
      label: 'Recognise the speech',
      act: () => order.mutate({ language: 'en', policies }),
    },
    script: { icon: ScrollText, label: 'Paste the script', act: paste },
    hand: {
      icon: Keyboard,
      label: 'Type at the playhead',
      hint: 'Y',
      act: () => useSelection.getState().typeByHand(),
    },
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
            {voice
              ? 'Let the speech be recognised and correct the draft. If you have the script, paste it: each word gets its exact time from the voice.'
              : clip.sounds > 0
                ? 'No one is heard speaking in it. Type the cues along with the picture, or paste a script.'
                : 'It has no sound. Type the cues along with the picture, or paste a script.'}
          </p>
          <div className="mt-6 flex flex-wrap gap-3">
            {(voice ? WITH_VOICE : WITHOUT).map((way, i) => (
              <Way key={way} first={i === 0} {...ways[way]} />
            ))}
          </div>
        </div>
      )}
    </div>
  );
}

interface WayProps {
  icon: LucideIcon;
  label: string;
  hint?: string;
  first: boolean;
  act: () => void;
}

/** A way to the words; the likeliest stands out. */
function Way({ icon: Icon, label, hint, first, act }: WayProps) {
  return (
    <button
      onClick={act}
      className={`flex items-center gap-2 rounded-full px-5 py-2.5 font-medium ${
        first ? 'bg-accent text-on-accent hover:brightness-110' : 'border border-rule hover:border-ink'
      }`}
    >
      <Icon size={17} /> {label}
      {hint && <kbd className={`font-sans text-tiny ${first ? '' : 'text-soft'}`}>{hint}</kbd>}
    </button>
  );
}
