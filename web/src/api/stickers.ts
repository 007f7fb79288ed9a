import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { putFile } from './http';
import { bodyOf, server } from './server';
import { queryClient } from './queryClient';
import type { Sticker } from './types';

/** Uploaded pictures for words. */
export const useStickers = () =>
  useQuery({ queryKey: ['stickers'], queryFn: () => bodyOf(server.GET('/api/stickers')) });

function useStickerChange<In>(run: (input: In) => Promise<Sticker>) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: run,
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ['stickers'] }),
    onError: (error) => notice(error.message),
  });
}

export const useBringInSticker = () =>
  useStickerChange((file: File) =>
    putFile<Sticker>(`/api/stickers?name=${encodeURIComponent(file.name)}`, file, () => {}),
  );

/** Out of the list, or back into it. */
export const usePutStickerAway = () =>
  useStickerChange(({ name, away }: { name: string; away: boolean }) =>
    bodyOf(
      away
        ? server.DELETE('/api/stickers/{name}', { params: { path: { name } } })
        : server.POST('/api/stickers/{name}/restore', { params: { path: { name } } }),
    ),
  );
