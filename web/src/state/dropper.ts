import { create } from 'zustand';

/** The next click on the picture takes its colour. */
export const useDropper = create<{ take: ((colour: string) => void) | null }>(() => ({ take: null }));
