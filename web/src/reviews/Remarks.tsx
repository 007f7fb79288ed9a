import type { Remark } from '../api/types';
import { stamp } from '../player/time';
import { moment } from './said';

const SAID: Record<Remark['kind'], string> = {
  REMARK: '',
  CHANGES: 'requested changes',
  APPROVED: 'approved',
};

/** All remarks, the newest round first, each in the order of the clip. */
export function Remarks(props: { remarks: Remark[]; round: number; onGo: (ms: number) => void }) {
  const { remarks } = props;
  if (remarks.length === 0) return null;
  const rounds = [...new Set(remarks.map((r) => r.round))].sort((a, b) => b - a);
  return (
    <section aria-label="What was said">
      {rounds.map((round) => (
        <div key={round} className="mb-6">
          <h2 className="mb-2 text-head font-semibold">
            {round === props.round ? 'What was said' : `To version ${round}`}
          </h2>
          <ul className="divide-y divide-rule border-y border-rule">
            {remarks
              .filter((r) => r.round === round)
              .sort((a, b) => (a.atMs ?? Infinity) - (b.atMs ?? Infinity) || a.id - b.id)
              .map((remark) => (
                <li key={remark.id} className="py-2.5">
                  <p className="flex flex-wrap items-baseline gap-x-2 text-note text-soft">
                    {remark.atMs !== undefined && (
                      <button
                        onClick={() => props.onGo(remark.atMs!)}
                        className="font-semibold text-accent underline"
                      >
                        {stamp(remark.atMs)}
                      </button>
                    )}
                    {remark.said && <span>“{remark.said}”</span>}
                    <span className="text-ink">{remark.author}</span>
                    {remark.member && <span>signed in</span>}
                    {SAID[remark.kind] && <span>{SAID[remark.kind]}</span>}
                    <span>{moment(remark.written)}</span>
                    {remark.settled && <span className="ml-auto">settled</span>}
                  </p>
                  {remark.text && (
                    <p className={`whitespace-pre-line ${remark.settled ? 'text-soft' : ''}`}>
                      {remark.text}
                    </p>
                  )}
                </li>
              ))}
          </ul>
        </div>
      ))}
    </section>
  );
}
