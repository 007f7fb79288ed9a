import { useQuery } from '@tanstack/react-query';
import { bodyOf, server } from './server';

/** Words suggested for emphasis. @param strength 0 for the clearest only, 1 for many */
export const useSuggestions = (clipId: string, version: number, strength: number, enabled: boolean) =>
  useQuery({
    queryKey: ['suggestions', clipId, version, strength],
    queryFn: () =>
      bodyOf(
        server.GET('/api/clips/{clipId}/track/suggestions', {
          params: { path: { clipId }, query: { strength } },
        }),
      ),
    placeholderData: (before) => before,
    gcTime: 30_000,
    enabled,
  });
