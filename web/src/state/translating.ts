import { create } from 'zustand';

/** The cue whose translation is being typed. */
export const useTranslating = create<{ cueId: number | null }>(() => ({ cueId: null }));

export const translate = (cueId: number | null) => useTranslating.setState({ cueId });
