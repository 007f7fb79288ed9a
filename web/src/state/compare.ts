import { create } from 'zustand';

export const MOST_COMPARED = 4;

/** Styles that are looked at side by side; null while none are being chosen. */
interface Compare {
  chosen: string[] | null;
  open: boolean;
}

export const useCompare = create<Compare>(() => ({ chosen: null, open: false }));
