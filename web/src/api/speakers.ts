import { useMutation } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { useChange } from './changes';
import { newestOf } from './newest';
import { queryClient } from './queryClient';
import { bodyOf, server } from './server';
import type { SpeakersFound } from './types';

const FOUND = 'speakers';

/** First words of turns that are to be listened to, as they were found last. */
export const doubtful = newestOf<SpeakersFound, ReadonlySet<number>>(
  FOUND,
  (found) => new Set(found.doubtful),
  new Set(),
);

/** Finds who says what and gives the words to their speakers; those given by hand stay. */
export function useFindSpeakers(clipId: string) {
  const change = useChange(clipId);
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: () =>
      bodyOf(server.GET('/api/clips/{clipId}/track/speakers', { params: { path: { clipId } } })),
    onSuccess: (found) => {
      queryClient.setQueryData([FOUND, clipId], found);
      change.mutate({ kind: 'placeSpeakers', turns: found.turns });
    },
    onError: (error) => notice(error.message),
  });
}

/** A turn whose speaker a person gave is no longer in doubt. */
export function settleTurns(clipId: string, wordIds: number[]) {
  queryClient.setQueryData<SpeakersFound>(
    [FOUND, clipId],
    (found) => found && { ...found, doubtful: found.doubtful.filter((id) => !wordIds.includes(id)) },
  );
}
