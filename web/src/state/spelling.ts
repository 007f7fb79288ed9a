import { create } from 'zustand';

/** Words of the track on the bench that are in no dictionary or glossary. */
export const useSpelling = create<{ wrong: Set<number> }>(() => ({ wrong: new Set() }));
