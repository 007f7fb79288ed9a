import { useQuery } from '@tanstack/react-query';
import { call } from './http';
import type { Emoji, EmojiSuggestion } from './types';

/** Emoji that are called what is typed, in the clip's language. */
export const useEmoji = (search: string, language: string) =>
  useQuery({
    queryKey: ['emoji', search, language],
    queryFn: () =>
      call<Emoji[]>('GET', `/api/emoji?search=${encodeURIComponent(search)}&language=${language}`),
    placeholderData: (before) => before,
    staleTime: Infinity,
    gcTime: 60_000,
  });

/** Words that an emoji is near to. */
export const useEmojiSuggestions = (clipId: string, version: number, enabled: boolean) =>
  useQuery({
    queryKey: ['emojiSuggestions', clipId, version],
    queryFn: () => call<EmojiSuggestion[]>('GET', `/api/clips/${clipId}/track/emoji`),
    placeholderData: (before) => before,
    gcTime: 30_000,
    enabled,
  });

/** Where its drawing is, the one that captions show. */
export const drawingOf = (emoji: string) => `/api/emoji/${encodeURIComponent(emoji)}/drawing`;
