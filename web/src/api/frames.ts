import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { putFile } from './http';
import { bodyOf, server } from './server';
import { queryClient } from './queryClient';
import type { Frame, OwnPicture, SafeZones } from './types';

/** Layout of a frame that is tried; nothing is stored. */
export const attemptFrame = (clipId: string, frame: Frame) =>
  bodyOf(server.POST('/api/clips/{clipId}/frame/attempt', { params: { path: { clipId } }, body: frame }));

/** Pictures of one's own for bars. */
export const usePictures = () =>
  useQuery({ queryKey: ['pictures'], queryFn: () => bodyOf(server.GET('/api/pictures')) });

export function useBringInPicture(taken: (picture: OwnPicture) => void) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (file: File) =>
      putFile<OwnPicture>(`/api/pictures?name=${encodeURIComponent(file.name)}`, file, () => {}),
    onSuccess: (picture) => {
      void queryClient.invalidateQueries({ queryKey: ['pictures'] });
      taken(picture);
    },
    onError: (error) => notice(error.message),
  });
}

/** Address of the picture that bars are cut from, as the burn has it; null where they show something else. */
export function barsAddress(
  frame: Frame,
  output: { width: number; height: number },
  root = '/api',
): string | null {
  const { kind, to, picture } = frame.bars;
  if (frame.aspect === 'OWN' || frame.sit !== 'FIT' || (kind !== 'GRADIENT' && kind !== 'PICTURE'))
    return null;
  const query = new URLSearchParams({
    width: String(output.width),
    height: String(output.height),
    from: frame.barColour,
    to,
  });
  if (kind === 'PICTURE') query.set('picture', picture!);
  return `${root}/bars?${query}`;
}

/** The safe zones for a client's clips. */
export const useZones = (client: number | undefined) =>
  useQuery({
    queryKey: ['zones', client],
    queryFn: () => bodyOf(server.GET('/api/zones', { params: { query: { client } } })),
  });

/** The values of safe zones that can be set. */
export const useZoneParts = () =>
  useQuery({
    queryKey: ['zones', 'parts'],
    queryFn: () => bodyOf(server.GET('/api/zones/parts')),
    staleTime: Infinity,
  });

/** Saves the safe zones; null resets them to the defaults. */
export function useSetZones(client: number | undefined) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (zones: SafeZones | null) =>
      bodyOf(
        zones
          ? server.PUT('/api/zones', { params: { query: { client } }, body: zones })
          : server.DELETE('/api/zones', { params: { query: { client } } }),
      ),
    onSuccess: (zones) => {
      queryClient.setQueryData(['zones', client], zones);
      void queryClient.invalidateQueries({ queryKey: ['track'] });
    },
    onError: (error) => notice(error.message),
  });
}
