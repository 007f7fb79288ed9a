import { create } from 'zustand';

/** Words of the track on the bench that stand in no dictionary and in no glossary. */
export const useSpelling = create<{ wrong: Set<number> }>(() => ({ wrong: new Set() }));
