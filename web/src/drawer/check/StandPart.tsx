import { useChange } from '../../api/changes';
import type { CheckKind, Clip, Track } from '../../api/types';
import { stamp } from '../../player/time';
import { goTo, nameOf, findings } from '../../state/findings';
import { Section } from '../../ui/parts';

/** Dismissed findings, with their reasons. */
export function StandPart({ clip, track, kinds }: { clip: Clip; track: Track; kinds: CheckKind[] }) {
  const change = useChange(clip.id);
  const found = findings.use(clip.id, (f) => f.found);
  const stands = found?.findings.filter((f) => f.reason !== undefined) ?? [];
  if (stands.length === 0) return null;
  return (
    <Section title="Dismissed">
      <ul className="divide-y divide-rule border-y border-rule">
        {stands.map((finding) => (
          <li key={nameOf(finding)} className="py-2 text-note">
            <button
              onClick={() =>
                goTo(
                  finding,
                  track.headlines.map((one) => one.id),
                )
              }
              className="block w-full text-left hover:text-accent"
            >
              <span className="text-soft">{stamp(finding.spot.ms)}</span>{' '}
              {kinds.find((k) => k.kind === finding.kind)?.label}
              <span className="block">“{finding.reason}”</span>
            </button>
            <button
              onClick={() =>
                change.mutate({
                  kind: 'letStand',
                  check: finding.kind,
                  at: finding.spot.wordId || finding.spot.cueId,
                  reason: '',
                })
              }
              className="text-accent hover:underline"
            >
              Reopen
            </button>
          </li>
        ))}
      </ul>
    </Section>
  );
}
