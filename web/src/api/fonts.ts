import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { putFile } from './http';
import { bodyOf, server } from './server';
import { queryClient } from './queryClient';
import type { OwnFont } from './types';

/** The fonts that were added. */
export const useFonts = (enabled: boolean) =>
  useQuery({ queryKey: ['fonts'], queryFn: () => bodyOf(server.GET('/api/fonts')), enabled });

function useFontChange<In, Out>(run: (input: In) => Promise<Out>) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: run,
    // Everything shown with the fallback font is fetched again.
    onSuccess: () => queryClient.invalidateQueries(),
    onError: (error) => notice(error.message),
  });
}

export const useBringInFont = () =>
  useFontChange((file: File) =>
    putFile<OwnFont>(`/api/fonts?name=${encodeURIComponent(file.name)}`, file, () => {}),
  );

export const useNoteFont = () =>
  useFontChange(({ id, licence }: { id: string; licence: string }) =>
    bodyOf(
      server.PUT('/api/fonts/{fontId}/licence', { params: { path: { fontId: id } }, body: { licence } }),
    ),
  );

/** Removes a font from the list, or restores it. */
export const usePutFontAway = () =>
  useFontChange(({ id, away }: { id: string; away: boolean }) =>
    bodyOf(
      away
        ? server.DELETE('/api/fonts/{fontId}', { params: { path: { fontId: id } } })
        : server.POST('/api/fonts/{fontId}/restore', { params: { path: { fontId: id } } }),
    ),
  );
