import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { Policy } from '../api/types';

/** Settings of the bench; this browser remembers them. */
interface Choices {
  /** The clip waits while a cue is being typed. */
  pauseWhileTyping: boolean;
  /** How a recognised draft is written; null for the server's usual ways. */
  policies: Policy[] | null;
  setPolicies: (policies: Policy[]) => void;
  /** Keys chosen instead of the ones that ship, by action. */
  keys: Record<string, string[]>;
  setPauseWhileTyping: (pause: boolean) => void;
  setKeys: (action: string, keys: string[] | null) => void;
}

export const useChoices = create<Choices>()(
  persist(
    (set) => ({
      pauseWhileTyping: true,
      policies: null,
      setPolicies: (policies) => set({ policies }),
      keys: {},
      setPauseWhileTyping: (pauseWhileTyping) => set({ pauseWhileTyping }),
      setKeys: (action, keys) =>
        set((s) => {
          const all = { ...s.keys };
          if (keys) all[action] = keys;
          else delete all[action];
          return { keys: all };
        }),
    }),
    { name: 'salt-drum bench' },
  ),
);
