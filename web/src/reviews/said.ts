import type { Remark, Review } from '../api/types';

/** The answers of clients. */
export const VERDICTS: Record<Remark['kind'], string> = {
  REMARK: 'remarked on',
  CHANGES: 'changes requested',
  APPROVED: 'approved',
};

export const day = (when: string) =>
  new Date(when).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });

export const moment = (when: string) =>
  new Date(when).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });

/** The state of a review, for the designer. */
export function standing(review: Review): string {
  if (review.withdrawn) return 'Withdrawn';
  if (!review.open) return `Expired on ${day(review.expires)}`;
  const who = review.remarks.findLast((r) => r.kind !== 'REMARK' && r.round === review.round)?.author;
  if (review.verdict === 'APPROVED') return `Approved by ${who}`;
  if (review.verdict === 'CHANGES') return `${who} asks for changes`;
  return `Waiting for an answer until ${day(review.expires)}`;
}
