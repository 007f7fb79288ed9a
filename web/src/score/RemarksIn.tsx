import { Check } from 'lucide-react';
import { useSettle } from '../api/reviews';
import { openRemarks } from '../state/remarks';

/** Open remarks of clients on a cue. */
export function RemarksIn({ clipId, cueId }: { clipId: string; cueId: number }) {
  const remarks = openRemarks.use(clipId, (r) => r.byCue.get(cueId));
  const settle = useSettle(clipId);
  if (!remarks) return null;
  return (
    <ul aria-label="Remarks" className="mt-1 space-y-1">
      {remarks.map((remark) => (
        <li
          key={remark.id}
          data-testid="remark"
          className="flex items-start gap-2 rounded-md border-l-[3px] border-accent bg-tint py-1 pr-1 pl-2.5 text-note"
        >
          <span className="min-w-0 flex-1 py-0.5">
            <span className="font-semibold">{remark.author}</span>
            {remark.said && <span className="text-soft"> at “{remark.said}”</span>}{' '}
            <span className="whitespace-pre-line">{remark.text}</span>
          </span>
          <button
            tabIndex={-1}
            onClick={() => settle.mutate({ id: remark.id, settled: true })}
            title="Settle: it is hidden here, and its author is informed"
            className="flex flex-none items-center gap-1 rounded-full px-2 py-0.5 hover:bg-paper"
          >
            <Check size={13} /> Settle
          </button>
        </li>
      ))}
    </ul>
  );
}
