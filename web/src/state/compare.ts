import { create } from 'zustand';

export const MOST_COMPARED = 4;

/** Styles chosen for comparison; null if none are being chosen. */
interface Compare {
  chosen: string[] | null;
  open: boolean;
}

export const useCompare = create<Compare>(() => ({ chosen: null, open: false }));
