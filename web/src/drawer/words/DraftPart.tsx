import { useChange } from '../../api/changes';
import { usePolicies } from '../../state/policies';
import type { Clip } from '../../api/types';
import { QuietButton, Section } from '../../ui/parts';

/** Writing policies, applied to the whole track; each can be undone. */
export function DraftPart({ clip }: { clip: Clip }) {
  const change = useChange(clip.id);
  const { all } = usePolicies();
  return (
    <Section title="How it is written">
      <div className="space-y-2">
        {all.map(({ policy, label }) => (
          <QuietButton key={policy} onClick={() => change.mutate({ kind: 'redraft', policy })}>
            {label}
          </QuietButton>
        ))}
      </div>
      <p className="mt-2 text-note text-soft">
        Applies to the whole track except locked cues. Times do not change.
      </p>
    </Section>
  );
}
