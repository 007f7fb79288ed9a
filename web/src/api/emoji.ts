import { useQuery } from '@tanstack/react-query';
import { bodyOf, server } from './server';

/** Emoji whose names match the typed text, in the clip's language. */
export const useEmoji = (search: string, language: string) =>
  useQuery({
    queryKey: ['emoji', search, language],
    queryFn: () => bodyOf(server.GET('/api/emoji', { params: { query: { search, language } } })),
    placeholderData: (before) => before,
    staleTime: Infinity,
    gcTime: 60_000,
  });

/** Words with a matching emoji. */
export const useEmojiSuggestions = (clipId: string, version: number, enabled: boolean) =>
  useQuery({
    queryKey: ['emojiSuggestions', clipId, version],
    queryFn: () => bodyOf(server.GET('/api/clips/{clipId}/track/emoji', { params: { path: { clipId } } })),
    placeholderData: (before) => before,
    gcTime: 30_000,
    enabled,
  });

/** Address of its drawing, the same as in captions. */
export const drawingOf = (emoji: string) => `/api/emoji/${encodeURIComponent(emoji)}/drawing`;
