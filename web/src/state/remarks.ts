import { newestOf } from '../api/newest';
import type { Remark, Review } from '../api/types';

/** A client's open remark, and its place on the bench. */
export type OpenRemark = Remark & { place: NonNullable<Remark['place']> };

interface Remarks {
  open: OpenRemark[];
  byCue: Map<number, OpenRemark[]>;
}

const isOpen = (remark: Remark): remark is OpenRemark => remark.place !== undefined && !remark.settled;

export const openRemarks = newestOf<Review[], Remarks>(
  'reviews',
  (reviews) => {
    const open = reviews.flatMap((review) => review.remarks.filter(isOpen));
    open.sort((a, b) => a.place.ms - b.place.ms);
    const byCue = new Map<number, OpenRemark[]>();
    for (const one of open) byCue.set(one.place.cueId, [...(byCue.get(one.place.cueId) ?? []), one]);
    return { open, byCue };
  },
  { open: [], byCue: new Map() },
);
