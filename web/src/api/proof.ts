import { useQuery } from '@tanstack/react-query';
import { call } from './http';
import type { CutView, Edit, HistoryStep, Place, Preview, SpellingView } from './types';

/** The effect of an edit; refetched when the edit or the track changes. */
export const usePreview = (id: string, version: number, edit: Edit | null) =>
  useQuery({
    queryKey: ['preview', id, version, edit],
    queryFn: () => call<Preview>('POST', `/api/clips/${id}/track/preview`, { edit }),
    enabled: edit !== null,
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

export const usePlaces = (id: string, version: number, find: string, replacement: string) =>
  useQuery({
    queryKey: ['places', id, version, find, replacement],
    queryFn: () => call<Place[]>('POST', `/api/clips/${id}/track/places`, { find, with: replacement }),
    enabled: find.trim() !== '',
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

export const useMisspelt = (id: string, version: number) =>
  useQuery({
    queryKey: ['spelling', id, version],
    queryFn: () => call<SpellingView>('GET', `/api/clips/${id}/track/spelling`),
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

export const useSuggestions = (id: string, word: string | null) =>
  useQuery({
    queryKey: ['suggestions', id, word],
    queryFn: () =>
      call<string[]>('GET', `/api/clips/${id}/track/spelling/suggestions?word=${encodeURIComponent(word!)}`),
    enabled: word !== null,
  });

/** Words that can be left out. */
export const useShorter = (id: string, version: number) =>
  useQuery({
    queryKey: ['shorter', id, version],
    queryFn: () => call<CutView[]>('GET', `/api/clips/${id}/track/shorter`),
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

export const useHistory = (id: string, version: number, open: boolean) =>
  useQuery({
    queryKey: ['history', id, version],
    queryFn: () => call<HistoryStep[]>('GET', `/api/clips/${id}/track/history`),
    enabled: open,
    placeholderData: (before) => before,
    gcTime: 10_000,
  });
