import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { call } from './http';
import { keys } from './queries';
import { queryClient } from './queryClient';
import type { Client, Clip, Glossary, Recipe, Recipes } from './types';

/** A query part that names the client, or nothing for the workshop itself. */
const of = (client: number | undefined) => (client === undefined ? '' : `?client=${client}`);

export const useClients = () =>
  useQuery({ queryKey: ['clients'], queryFn: () => call<Client[]>('GET', '/api/clients') });

/** Sets the client of a clip by name, and creates the client if necessary; null for the workshop. */
export function useBelongTo(clipId: string) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: async (name: string | null) => {
      const client = name === null ? null : await call<Client>('POST', '/api/clients', { name });
      return call<Clip>('PUT', `/api/clips/${clipId}/client`, { clientId: client?.id ?? null });
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
    queryFn: () => call<Recipes>('GET', `/api/recipes${of(client)}`),
  });

export function useSaveRecipe(client: number | undefined) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (recipe: Recipe) => call<Recipes>('PUT', `/api/recipes${of(client)}`, recipe),
    onSuccess: (recipes) => queryClient.setQueryData(['recipes', client], recipes),
    onError: (error) => notice(error.message),
  });
}

export function useRemoveRecipe(client: number | undefined) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (name: string) =>
      call<Recipes>('DELETE', `/api/recipes/${encodeURIComponent(name)}${of(client)}`),
    onSuccess: (recipes) => queryClient.setQueryData(['recipes', client], recipes),
    onError: (error) => notice(error.message),
  });
}

export const useGlossary = (client: number | undefined) =>
  useQuery({
    queryKey: ['glossary', client],
    queryFn: () => call<Glossary>('GET', `/api/glossary${of(client)}`),
  });

function useGlossaryChange<Body>(method: 'PUT' | 'POST', client: number | undefined) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (body: Body) => call<Glossary>(method, `/api/glossary${of(client)}`, body),
    onSuccess: (saved) => {
      queryClient.setQueryData(['glossary', client], saved);
      void queryClient.invalidateQueries({ queryKey: ['spelling'] });
    },
    onError: (error) => notice(error.message),
  });
}

export const useSaveGlossary = (client: number | undefined) =>
  useGlossaryChange<{ text: string }>('PUT', client);

/** One more term for this client's later clips. */
export const useAddTerm = (client: number | undefined) =>
  useGlossaryChange<Glossary['terms'][number]>('POST', client);
