import { useMutation } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { ChangeQueue, type Made } from './changeQueue';
import { fetchTrack } from './queries';
import { keys } from './queryKeys';
import { queryClient } from './queryClient';
import { bodyOf, server } from './server';
import type { Edit, Track } from './types';

const TRACK = '/api/clips/{clipId}/track' as const;

type Step = { kind: 'undo' } | { kind: 'redo' };
/** To the point of the history after this step; 0 is the beginning. */
type GoTo = { kind: 'goTo'; seq: number };

const changes = new ChangeQueue<Edit | Step | GoTo>({
  known: (id) => queryClient.getQueryData<Track>(keys.track(id)),
  keep: (id, track) => queryClient.setQueryData(keys.track(id), track),
  fetch: fetchTrack,
  send: (id, { version, incarnation }, change) => {
    const params = { path: { clipId: id } };
    const on = { version, incarnation };
    if (change.kind === 'goTo')
      return bodyOf(server.POST(`${TRACK}/history`, { params, body: { ...on, seq: change.seq } }));
    if (change.kind === 'undo' || change.kind === 'redo')
      return bodyOf(server.POST(`${TRACK}/${change.kind}`, { params, body: on }));
    return bodyOf(server.POST(`${TRACK}/edits`, { params, body: { ...on, edit: change } }));
  },
});

function useTrackChange<C extends Edit | Step | GoTo>(id: string) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (change: Made<C>) => changes.push(id, change),
    onError: (error) => notice(error.message),
  });
}

export const useChange = (id: string) => useTrackChange<Edit | Step>(id);

export function useGoTo(id: string) {
  const { mutate } = useTrackChange<GoTo>(id);
  return { mutate: (seq: number) => mutate({ kind: 'goTo', seq }) };
}
