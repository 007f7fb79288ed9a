import { Link } from 'react-router';
import { useFootage, useNoteFootage } from '../../api/footage';
import type { Clip } from '../../api/types';
import { usePanels } from '../../state/panels';
import { usePlayer } from '../../player/player';
import { stamp } from '../../player/time';
import { Section } from '../../ui/parts';

const count = (n: number) => (n === 1 ? 'One word' : `${n} words`);

/** The result for the words after a change of footage, until it is confirmed. */
export function CarriedPart({ clip }: { clip: Clip }) {
  const told = useFootage(clip).data;
  const note = useNoteFootage(clip);
  if (!told?.done) return null;
  const { kept, moved, lost, fresh } = told;
  return (
    <Section title="In the other cut">
      <ul className="space-y-1.5" data-testid="carried">
        {kept > 0 && (
          <li>
            {count(kept)} kept {kept === 1 ? 'its place' : 'their place'}.
          </li>
        )}
        {moved > 0 && <li>{count(moved)} moved.</li>}
        {lost.length > 0 && (
          <li>
            {count(lost.length)} {lost.length === 1 ? 'is' : 'are'} no longer said:{' '}
            <span className="text-soft">{lost.map((word) => word.text).join(' ')}</span>
          </li>
        )}
        {fresh.map((part) => (
          <li key={part.fromMs}>
            New from {stamp(part.fromMs)} to {stamp(part.toMs)}.{' '}
            <button
              onClick={() => {
                usePanels.getState().set({ range: part });
                usePlayer.getState().seek(part.fromMs);
              }}
              className="text-accent underline"
            >
              Get its words
            </button>
          </li>
        ))}
      </ul>
      <p className="mt-3 flex gap-4 text-note">
        <button onClick={() => note.mutate()} className="text-accent underline">
          Noted
        </button>
        {told.beforeId && (
          <Link to={`/clips/${told.beforeId}/words`} className="text-accent underline">
            As it was before
          </Link>
        )}
      </p>
    </Section>
  );
}
