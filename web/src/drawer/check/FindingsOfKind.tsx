import { useState } from 'react';
import { useMendAll } from '../../api/checks';
import { useChange } from '../../api/changes';
import type { CheckKind, Clip, Edit, Finding, Remedy, Track } from '../../api/types';
import { stamp } from '../../player/time';
import { goTo, nameOf, same, useHeld } from '../../state/findings';
import { KeepAsTerm } from '../words/ProofPart';
import { mendableOf } from './mendable';

const MOST_SHOWN = 6;

/** The findings of one kind with their remedies, and one remedy for all. */
export function FindingsOfKind(props: { clip: Clip; track: Track; kind: CheckKind; findings: Finding[] }) {
  const { clip, track, kind, findings } = props;
  const mend = useMendAll(clip.id);
  const held = useHeld(clip.id);
  const [all, setAll] = useState(false);
  const mendable = mendableOf(findings);
  const shown = all ? findings : findings.slice(0, MOST_SHOWN);
  if (held && !shown.some((f) => same(f, held))) {
    const hidden = findings.find((f) => same(f, held));
    if (hidden) shown.push(hidden);
  }
  return (
    <section aria-label={kind.label} className="mb-6">
      <div className="mb-1.5 flex items-baseline justify-between gap-2">
        <h2 className="font-semibold" title={kind.source}>
          {kind.label} <span className="font-normal text-soft">{findings.length}</span>
        </h2>
        {mendable > 1 && (
          <button
            disabled={mend.isPending}
            onClick={() => mend.mutate(kind.kind)}
            className="flex-none text-note text-accent hover:underline"
          >
            Mend these {mendable}
          </button>
        )}
      </div>
      <ul className="divide-y divide-rule border-y border-rule">
        {shown.map((finding) => (
          <OneFinding
            key={nameOf(finding)}
            clip={clip}
            track={track}
            finding={finding}
            held={held !== null && same(finding, held)}
          />
        ))}
      </ul>
      {findings.length > shown.length && (
        <button onClick={() => setAll(true)} className="mt-1.5 text-note text-soft hover:text-ink">
          {findings.length - shown.length} more
        </button>
      )}
    </section>
  );
}

function OneFinding(props: { clip: Clip; track: Track; finding: Finding; held: boolean }) {
  const { clip, track, finding, held } = props;
  const change = useChange(clip.id);
  const [why, setWhy] = useState<string | null>(null);
  const cue = track.cues.find((c) => c.id === finding.spot.cueId);
  const word = cue?.words.find((w) => w.id === finding.spot.wordId);
  const text = cue?.words.map((w) => w.text).join(' ');
  const letStand = () => {
    if (why?.trim()) {
      change.mutate({
        kind: 'letStand',
        check: finding.kind,
        at: finding.spot.wordId || finding.spot.cueId,
        reason: why.trim(),
      });
    }
    setWhy(null);
  };
  return (
    <li className={`-mx-2 px-2 py-2 ${held ? 'bg-tint/60' : ''}`} data-finding={finding.kind}>
      <button
        onClick={() =>
          goTo(
            finding,
            track.headlines.map((one) => one.id),
          )
        }
        className="block w-full text-left hover:text-accent"
      >
        <span className="text-note text-soft">{stamp(finding.spot.ms)}</span>{' '}
        {text && <span className="text-note">{text}</span>}
        <span className="block text-note">{finding.said}</span>
      </button>
      {(held || finding.remedies.length === 1) && (
        <div className="mt-1.5 flex flex-wrap gap-1.5">
          {finding.remedies.map((remedy) => (
            <button
              key={remedy.said}
              onClick={() => change.mutate(remedy.edit as Edit)}
              className="rounded-full border border-rule bg-paper px-2.5 py-0.5 text-note hover:border-ink"
            >
              {remedy.said}
              {finding.kind === 'contrast' && <Gain remedy={remedy} />}
            </button>
          ))}
          {held && why === null && (
            <button
              onClick={() => setWhy('')}
              className="rounded-full px-2 py-0.5 text-note text-soft hover:text-ink"
            >
              Dismiss
            </button>
          )}
        </div>
      )}
      {held && finding.kind === 'spelling' && word && <KeepAsTerm clip={clip} word={word.text} />}
      {held && why !== null && (
        <input
          autoFocus
          aria-label="Reason"
          placeholder="Reason"
          maxLength={300}
          value={why}
          onChange={(e) => setWhy(e.target.value)}
          onKeyDown={(e) => {
            if (e.key === 'Enter') letStand();
            if (e.key === 'Escape') setWhy(null);
          }}
          onBlur={letStand}
          className="field mt-2 w-full px-2.5 py-1"
        />
      )}
    </li>
  );
}

const Gain = ({ remedy }: { remedy: Remedy }) =>
  remedy.measured === undefined ? null : (
    <span className="ml-1.5 text-soft">{remedy.measured.toFixed(1)} : 1</span>
  );
