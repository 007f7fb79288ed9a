import { create } from 'zustand';
import type { Remark, Review } from '../api/types';

/** A client's open remark, and its place on the bench. */
export type OpenRemark = Remark & { place: NonNullable<Remark['place']> };

interface Remarks {
  open: OpenRemark[];
  byCue: Map<number, OpenRemark[]>;
}

export const useRemarksNow = create<Remarks>(() => ({ open: [], byCue: new Map() }));

const stands = (remark: Remark): remark is OpenRemark => remark.place !== undefined && !remark.settled;

export function setRemarks(reviews: Review[] | undefined) {
  const open = (reviews ?? []).flatMap((review) => review.remarks.filter(stands));
  open.sort((a, b) => a.place.ms - b.place.ms);
  const byCue = new Map<number, OpenRemark[]>();
  for (const one of open) byCue.set(one.place.cueId, [...(byCue.get(one.place.cueId) ?? []), one]);
  useRemarksNow.setState({ open, byCue });
}
