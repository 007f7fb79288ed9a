import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { bodyOf, server } from './server';
import { keys } from './queryKeys';
import { queryClient } from './queryClient';
import type { Glossary, Recipe } from './types';

export const useClients = () =>
  useQuery({ queryKey: ['clients'], queryFn: () => bodyOf(server.GET('/api/clients')) });

/** Sets the client of a clip by name, and creates the client if necessary; null for the workshop. */
export function useBelongTo(clipId: string) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: async (name: string | null) => {
      const client = name === null ? null : await bodyOf(server.POST('/api/clients', { body: { name } }));
      return bodyOf(
        server.PUT('/api/clips/{clipId}/client', {
          params: { path: { clipId } },
          body: { clientId: client?.id },
        }),
      );
    },
    onSuccess: (clip) => {
      queryClient.setQueryData(keys.clip(clipId), clip);
      void queryClient.invalidateQueries({ queryKey: ['clients'] });
      void queryClient.invalidateQueries({ queryKey: ['spelling', clipId] });
    },
    onError: (error) => notice(error.message),
  });
}

export const useRecipes = (client: number | undefined) =>
  useQuery({
    queryKey: ['recipes', client],
    queryFn: () => bodyOf(server.GET('/api/recipes', { params: { query: { client } } })),
  });

export function useSaveRecipe(client: number | undefined) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (recipe: Recipe) =>
      bodyOf(server.PUT('/api/recipes', { params: { query: { client } }, body: recipe })),
    onSuccess: (recipes) => queryClient.setQueryData(['recipes', client], recipes),
    onError: (error) => notice(error.message),
  });
}

export function useRemoveRecipe(client: number | undefined) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (name: string) =>
      bodyOf(server.DELETE('/api/recipes/{name}', { params: { path: { name }, query: { client } } })),
    onSuccess: (recipes) => queryClient.setQueryData(['recipes', client], recipes),
    onError: (error) => notice(error.message),
  });
}

export const useGlossary = (client: number | undefined) =>
  useQuery({
    queryKey: ['glossary', client],
    queryFn: () => bodyOf(server.GET('/api/glossary', { params: { query: { client } } })),
  });

function useGlossaryChange<Body>(client: number | undefined, send: (body: Body) => Promise<Glossary>) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: send,
    onSuccess: (saved) => {
      queryClient.setQueryData(['glossary', client], saved);
      void queryClient.invalidateQueries({ queryKey: ['spelling'] });
      void queryClient.invalidateQueries({ queryKey: ['findings'] });
    },
    onError: (error) => notice(error.message),
  });
}

let saving: Promise<unknown> = Promise.resolve();
/** Recognition hears terms that were typed just before. */
export const termsAreSaved = () => saving;

/** Goes on when the page is left. */
export const useSaveGlossary = (client: number | undefined) =>
  useGlossaryChange(client, (body: { text: string }) => {
    const sent = bodyOf(
      server.PUT('/api/glossary', { params: { query: { client } }, body, keepalive: true }),
    );
    saving = sent.catch(() => undefined);
    return sent;
  });

/** One more term for this client's later clips. */
export const useAddTerm = (client: number | undefined) =>
  useGlossaryChange(client, async (body: Glossary['terms'][number]) => {
    // The whole text is being written: the term would be missing in it.
    await saving;
    return bodyOf(server.POST('/api/glossary', { params: { query: { client } }, body }));
  });
