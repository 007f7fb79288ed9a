import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { bodyOf, server } from './server';
import { keys } from './queryKeys';
import { queryClient } from './queryClient';
import type { Edit, Track, TrackView } from './types';

const PATH = '/api/clips/{clipId}/translations/{language}' as const;
const at = (clipId: string, language: string) => ({ path: { clipId, language } });
const key = (id: string, language: string | null) => ['translation', id, language] as const;
const track = ({ head, cues }: TrackView): Track => ({ ...head, cues });

/** The translation over the first track's present cues. */
export const useTranslation = (id: string, language: string | null, firstVersion: number) =>
  useQuery({
    queryKey: [...key(id, language), firstVersion],
    queryFn: async () => track(await bodyOf(server.GET(PATH, { params: at(id, language!) }))),
    enabled: language !== null,
    placeholderData: (before) => (before?.language === language ? before : undefined),
    gcTime: 10_000,
  });

export const useTranslators = (from: string, to: string | null) =>
  useQuery({
    queryKey: ['translators', from, to],
    queryFn: () => bodyOf(server.GET('/api/translators', { params: { query: { from, to: to! } } })),
    enabled: to !== null && to !== '',
  });

type Step = { kind: 'undo' } | { kind: 'redo' };

export function useTranslationChange(id: string, language: string) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: async (change: Edit | Step) => {
      const known = queryClient
        .getQueriesData<Track>({ queryKey: key(id, language) })
        .flatMap(([, track]) => track ?? [])
        .sort((a, b) => b.version - a.version);
      const { version = 0, incarnation = '' } = known[0] ?? {};
      const params = at(id, language);
      return bodyOf(
        change.kind === 'undo' || change.kind === 'redo'
          ? server.POST(`${PATH}/${change.kind}`, { params, body: { version, incarnation } })
          : server.POST(`${PATH}/edits`, { params, body: { version, incarnation, edit: change } }),
      );
    },
    onSuccess: (view) => {
      for (const [known] of queryClient.getQueriesData<Track>({ queryKey: key(id, language) })) {
        queryClient.setQueryData(known, track(view));
      }
      void queryClient.invalidateQueries({ queryKey: keys.scene(id) });
    },
    onError: (error) => {
      notice(error.message);
      void queryClient.invalidateQueries({ queryKey: key(id, language) });
    },
  });
}

export function useOpenTranslation(id: string) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (language: string) => bodyOf(server.PUT(PATH, { params: at(id, language) })),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: keys.clip(id) }),
    onError: (error) => notice(error.message),
  });
}

export function useRemoveTranslation(id: string) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (language: string) => bodyOf(server.DELETE(PATH, { params: at(id, language) })),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: keys.clip(id) }),
    onError: (error) => notice(error.message),
  });
}
