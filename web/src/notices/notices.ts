import { create } from 'zustand';

/** An action offered with a notice. */
export interface Remedy {
  label: string;
  run: () => void;
}

interface Notices {
  text: string | null;
  remedy: Remedy | null;
  say: (text: string, remedy?: Remedy) => void;
  clear: () => void;
}

export const useNotices = create<Notices>((set) => ({
  text: null,
  remedy: null,
  say: (text, remedy) => set({ text, remedy: remedy ?? null }),
  clear: () => set({ text: null, remedy: null }),
}));
