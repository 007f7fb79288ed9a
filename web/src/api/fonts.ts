import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { call, putFile } from './http';
import { queryClient } from './queryClient';
import type { OwnFont } from './types';

/** The fonts that were added. */
export const useFonts = (enabled: boolean) =>
  useQuery({ queryKey: ['fonts'], queryFn: () => call<OwnFont[]>('GET', '/api/fonts'), enabled });

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
    call<OwnFont>('PUT', `/api/fonts/${id}/licence`, { licence }),
  );

/** Removes a font from the list, or restores it. */
export const usePutFontAway = () =>
  useFontChange(({ id, away }: { id: string; away: boolean }) =>
    call<OwnFont>(away ? 'DELETE' : 'POST', `/api/fonts/${id}${away ? '' : '/restore'}`),
  );
