import { useQuery } from '@tanstack/react-query';
import { bodyOf, server } from './server';
import type { Edit } from './types';

/** The effect of an edit; refetched when the edit or the track changes. */
export const usePreview = (id: string, version: number, edit: Edit | null) =>
  useQuery({
    queryKey: ['preview', id, version, edit],
    queryFn: () =>
      bodyOf(
        server.POST('/api/clips/{clipId}/track/preview', {
          params: { path: { clipId: id } },
          body: { edit: edit! },
        }),
      ),
    enabled: edit !== null,
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

export const usePlaces = (id: string, version: number, find: string, replacement: string) =>
  useQuery({
    queryKey: ['places', id, version, find, replacement],
    queryFn: () =>
      bodyOf(
        server.POST('/api/clips/{clipId}/track/places', {
          params: { path: { clipId: id } },
          body: { find, with: replacement },
        }),
      ),
    enabled: find.trim() !== '',
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

export const useMisspelt = (id: string, version: number) =>
  useQuery({
    queryKey: ['spelling', id, version],
    queryFn: () =>
      bodyOf(server.GET('/api/clips/{clipId}/track/spelling', { params: { path: { clipId: id } } })),
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

export const useSuggestions = (id: string, word: string | null) =>
  useQuery({
    queryKey: ['suggestions', id, word],
    queryFn: () =>
      bodyOf(
        server.GET('/api/clips/{clipId}/track/spelling/suggestions', {
          params: { path: { clipId: id }, query: { word: word! } },
        }),
      ),
    enabled: word !== null,
  });

/** Words that can be left out. */
export const useShorter = (id: string, version: number) =>
  useQuery({
    queryKey: ['shorter', id, version],
    queryFn: () =>
      bodyOf(server.GET('/api/clips/{clipId}/track/shorter', { params: { path: { clipId: id } } })),
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

export const useHistory = (id: string, version: number, open: boolean) =>
  useQuery({
    queryKey: ['history', id, version],
    queryFn: () =>
      bodyOf(server.GET('/api/clips/{clipId}/track/history', { params: { path: { clipId: id } } })),
    enabled: open,
    placeholderData: (before) => before,
    gcTime: 10_000,
  });
