import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { call } from './http';
import { keys } from './queries';
import { queryClient } from './queryClient';
import type { Edit, Track, TrackView } from './types';

const path = (id: string, language: string) => `/api/clips/${id}/translations/${language}`;
const key = (id: string, language: string | null) => ['translation', id, language] as const;
const track = ({ head, cues }: TrackView): Track => ({ ...head, cues });

/** The translation over the first track's present cues. */
export const useTranslation = (id: string, language: string | null, firstVersion: number) =>
  useQuery({
    queryKey: [...key(id, language), firstVersion],
    queryFn: async () => track(await call<TrackView>('GET', path(id, language!))),
    enabled: language !== null,
    placeholderData: (before) => (before?.language === language ? before : undefined),
    gcTime: 10_000,
  });

export const useTranslators = (from: string, to: string | null) =>
  useQuery({
    queryKey: ['translators', from, to],
    queryFn: () => call<string[]>('GET', `/api/translators?from=${from}&to=${to}`),
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
      const on = { version: known[0]?.version ?? 0, incarnation: known[0]?.incarnation };
      return change.kind === 'undo' || change.kind === 'redo'
        ? call<TrackView>('POST', `${path(id, language)}/${change.kind}`, on)
        : call<TrackView>('POST', `${path(id, language)}/edits`, { ...on, edit: change });
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
    mutationFn: (language: string) => call<TrackView>('PUT', path(id, language)),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: keys.clip(id) }),
    onError: (error) => notice(error.message),
  });
}

export function useRemoveTranslation(id: string) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (language: string) => call<void>('DELETE', path(id, language)),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: keys.clip(id) }),
    onError: (error) => notice(error.message),
  });
}
