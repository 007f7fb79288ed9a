import { useQuery } from '@tanstack/react-query';
import { call } from './http';
import type { Suggestion } from './types';

/** Words suggested for emphasis. @param strength 0 for the clearest only, 1 for many */
export const useSuggestions = (clipId: string, version: number, strength: number, enabled: boolean) =>
  useQuery({
    queryKey: ['suggestions', clipId, version, strength],
    queryFn: () => call<Suggestion[]>('GET', `/api/clips/${clipId}/track/suggestions?strength=${strength}`),
    placeholderData: (before) => before,
    gcTime: 30_000,
    enabled,
  });
