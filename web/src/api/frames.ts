import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { call, putFile } from './http';
import { queryClient } from './queryClient';
import type { Frame, FrameLayout, OwnPicture, SafeZones, ValuePart } from './types';

/** Layout of a frame that is tried; nothing is stored. */
export const attemptFrame = (clipId: string, frame: Frame) =>
  call<FrameLayout>('POST', `/api/clips/${clipId}/frame/attempt`, frame);

/** Pictures of one's own for bars. */
export const usePictures = () =>
  useQuery({ queryKey: ['pictures'], queryFn: () => call<OwnPicture[]>('GET', '/api/pictures') });

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

const of = (client: number | undefined) => (client === undefined ? '' : `?client=${client}`);

/** The safe zones for a client's clips. */
export const useZones = (client: number | undefined) =>
  useQuery({ queryKey: ['zones', client], queryFn: () => call<SafeZones>('GET', `/api/zones${of(client)}`) });

/** The values of safe zones that can be set. */
export const useZoneParts = () =>
  useQuery({
    queryKey: ['zones', 'parts'],
    queryFn: () => call<ValuePart[]>('GET', '/api/zones/parts'),
    staleTime: Infinity,
  });

/** Saves the safe zones; null resets them to the defaults. */
export function useSetZones(client: number | undefined) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (zones: SafeZones | null) =>
      call<SafeZones>(zones ? 'PUT' : 'DELETE', `/api/zones${of(client)}`, zones ?? undefined),
    onSuccess: (zones) => {
      queryClient.setQueryData(['zones', client], zones);
      void queryClient.invalidateQueries({ queryKey: ['track'] });
    },
    onError: (error) => notice(error.message),
  });
}
