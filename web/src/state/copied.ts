import { create } from 'zustand';
import type { Look } from '../api/types';

/** A look that was copied, and whose it was. */
export const useCopied = create<{ look: Look | null; from: string }>(() => ({ look: null, from: '' }));
