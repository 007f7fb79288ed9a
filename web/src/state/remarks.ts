import { create } from 'zustand';
import type { Remark, Review, Track } from '../api/types';

/** A client's remark that is not settled, and where on the bench it stands. */
export interface OpenRemark {
  remark: Remark;
  ms: number;
  /** 0 where the track has no cue. */
  cueId: number;
}

interface Remarks {
  open: OpenRemark[];
  byCue: Map<number, OpenRemark[]>;
}

export const useRemarksNow = create<Remarks>(() => ({ open: [], byCue: new Map() }));

/** At its word as long as that is there, else at the cue that is or was last read at its moment. */
function placed(review: Review, remark: Remark, track: Track): OpenRemark {
  const own = review.language === undefined ? remark.wordId : undefined;
  const cue = own === undefined ? undefined : track.cues.find((c) => c.words.some((w) => w.id === own));
  const word = cue?.words.find((w) => w.id === own);
  const ms = word?.startMs ?? remark.atMs ?? 0;
  const at = cue ?? track.cues.findLast((c) => c.showMs <= ms) ?? track.cues[0];
  return { remark, ms, cueId: at?.id ?? 0 };
}

export function setRemarks(reviews: Review[] | undefined, track: Track | undefined) {
  const open = (track ? (reviews ?? []) : []).flatMap((review) =>
    review.remarks
      .filter((r) => r.kind === 'REMARK' && !r.settled)
      .map((remark) => placed(review, remark, track!)),
  );
  open.sort((a, b) => a.ms - b.ms);
  const byCue = new Map<number, OpenRemark[]>();
  for (const one of open) byCue.set(one.cueId, [...(byCue.get(one.cueId) ?? []), one]);
  useRemarksNow.setState({ open, byCue });
}
