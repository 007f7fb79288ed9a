import { Check, PencilLine } from 'lucide-react';
import { useSession } from '../../api/people';
import { useRelink, useSettle, useShowNext, useWithdraw } from '../../api/reviews';
import type { Job, Remark, Review } from '../../api/types';
import { stamp } from '../../player/time';
import { usePlayer } from '../../player/player';
import { standing } from '../../reviews/said';
import { CopyField } from '../../ui/CopyField';

/** A shared link, its state, and its remarks. */
export function ReviewCard({ review, newest }: { review: Review; newest: Job | undefined }) {
  const withdraw = useWithdraw(review.clipId);
  const relink = useRelink(review.clipId);
  const next = useShowNext(review.clipId);
  const address = useSession().data?.address;
  const older = review.open && review.shows === 'FILM' && newest && newest.id !== review.jobId;
  return (
    <div className="rounded-lg bg-paper px-3 py-3" data-review={review.id}>
      <p className="truncate font-medium">
        {review.shows === 'STAGE' ? 'The stage, as it is' : (review.fileName ?? 'A render that was removed')}
      </p>
      <p
        className={`mb-2 flex items-center gap-1.5 text-note ${review.open && review.verdict === 'CHANGES' ? 'text-accent' : 'text-soft'}`}
        data-testid="standing"
      >
        {review.open && review.verdict === 'APPROVED' && <Check size={14} className="flex-none" />}
        {review.open && review.verdict === 'CHANGES' && <PencilLine size={14} className="flex-none" />}
        {standing(review)}
      </p>
      {review.open &&
        (review.path ? (
          <CopyField label="Link" text={`${address || window.location.origin}${review.path}`} />
        ) : (
          <p className="text-note text-soft">
            The link that was sent still works, but it cannot be shown: this workshop was restored from a
            backup.
          </p>
        ))}
      {review.remarks.length > 0 && (
        <ul className="mt-3 space-y-2">
          {review.remarks.map((remark) => (
            <Said key={remark.id} clipId={review.clipId} remark={remark} />
          ))}
        </ul>
      )}
      {review.open && (
        <p className="mt-3 flex flex-wrap gap-x-4 gap-y-1 text-note">
          {older && (
            <button
              onClick={() => next.mutate({ id: review.id, jobId: newest.id })}
              className="text-accent underline"
            >
              Show {newest.outputName} by it
            </button>
          )}
          <button
            onClick={() => relink.mutate(review.id)}
            disabled={relink.isPending}
            title="The old link stops working"
            className="text-accent underline"
          >
            Replace the link
          </button>
          <button onClick={() => withdraw.mutate(review.id)} className="text-accent underline">
            Withdraw
          </button>
        </p>
      )}
    </div>
  );
}

function Said({ clipId, remark }: { clipId: string; remark: Remark }) {
  const settle = useSettle(clipId);
  const whole = remark.kind !== 'REMARK';
  return (
    <li className="flex items-start gap-2 text-note">
      {whole ? (
        <span className="mt-0.5 w-4 flex-none">
          {remark.kind === 'APPROVED' ? (
            <Check size={14} />
          ) : (
            <PencilLine size={14} className="text-accent" />
          )}
        </span>
      ) : (
        <input
          type="checkbox"
          checked={remark.settled}
          aria-label={`Settled: ${remark.text}`}
          title="Settled"
          onChange={(e) => settle.mutate({ id: remark.id, settled: e.target.checked })}
          className="mt-1 w-4 flex-none accent-accent"
        />
      )}
      <span className={`min-w-0 flex-1 ${remark.settled ? 'text-soft line-through' : ''}`}>
        {remark.atMs !== undefined && (
          <button
            onClick={() => usePlayer.getState().seek(remark.atMs!)}
            className="mr-1.5 font-semibold text-accent"
          >
            {stamp(remark.atMs)}
          </button>
        )}
        <span className="text-soft">
          {remark.author}
          {remark.member && ' (signed in)'}:
        </span>{' '}
        {remark.text || (remark.kind === 'APPROVED' ? 'approved' : 'asks for changes')}
      </span>
    </li>
  );
}
