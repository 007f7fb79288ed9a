import { useChange } from '../../api/queries';
import type { Clip, Policy } from '../../api/types';
import { QuietButton, Section } from '../../ui/parts';

const POLICIES: { policy: Policy; label: string }[] = [
  { policy: 'SENTENCES', label: 'Write sentences' },
  { policy: 'FIGURES', label: 'Numbers as figures' },
  { policy: 'NUMBERS_IN_WORDS', label: 'Numbers as words' },
  { policy: 'NO_PUNCTUATION', label: 'Strip the punctuation' },
];

/** The policies that a draft can be written by from the start; stripping undoes them. */
export const DRAFT_POLICIES = POLICIES.filter((p) => p.policy !== 'NO_PUNCTUATION');

/** With one more, or without it: numbers are written one way or the other. */
export function withPolicy(policies: Policy[], policy: Policy, on: boolean): Policy[] {
  const other = { FIGURES: 'NUMBERS_IN_WORDS', NUMBERS_IN_WORDS: 'FIGURES' }[policy as string];
  return DRAFT_POLICIES.map((p) => p.policy).filter((p) =>
    p === policy ? on : policies.includes(p) && !(on && p === other),
  );
}

/** Ways of writing, laid over the whole track; each can be undone. */
export function DraftPart({ clip }: { clip: Clip }) {
  const change = useChange(clip.id);
  return (
    <Section title="How it is written">
      <div className="space-y-2">
        {POLICIES.map(({ policy, label }) => (
          <QuietButton key={policy} onClick={() => change.mutate({ kind: 'redraft', policy })}>
            {label}
          </QuietButton>
        ))}
      </div>
      <p className="mt-2 text-[13px] text-soft">Over the whole track, but for locked cues. Times stay.</p>
    </Section>
  );
}
