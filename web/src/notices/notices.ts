import { create } from 'zustand';

interface Notices {
  text: string | null;
  say: (text: string) => void;
  clear: () => void;
}

export const useNotices = create<Notices>((set) => ({
  text: null,
  say: (text) => set({ text }),
  clear: () => set({ text: null }),
}));
