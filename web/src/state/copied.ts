import { create } from 'zustand';
import type { Look } from '../api/types';

/** A copied look and its source. */
export const useCopied = create<{ look: Look | null; from: string }>(() => ({ look: null, from: '' }));
