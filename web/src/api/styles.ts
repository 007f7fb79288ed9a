import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { call, refusal, shownToBeOurs } from './http';
import { queryClient } from './queryClient';
import type { Style, StyleFileView } from './types';

export const useStyles = () =>
  useQuery({ queryKey: ['styles'], queryFn: () => call<Style[]>('GET', '/api/styles') });

const path = (name: string) => `/api/styles/${encodeURIComponent(name)}`;

function useStyleChange<In, Out>(run: (input: In) => Promise<Out>) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: run,
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ['styles'] }),
    onError: (error) => notice(error.message),
  });
}

/** Saves the look of a clip's track as a style. */
export const useSaveStyle = (clipId: string) =>
  useStyleChange((asked: { name: string; about: string; over: boolean }) =>
    call<Style>('POST', `/api/clips/${clipId}/styles`, asked),
  );

export const useRenameStyle = () =>
  useStyleChange(({ style, name }: { style: string; name: string }) =>
    call<Style>('PUT', path(style), { name }),
  );

/** Out of the strip, or back into it. */
export const usePutAway = () =>
  useStyleChange(({ style, away }: { style: string; away: boolean }) =>
    call<Style>(away ? 'DELETE' : 'POST', path(style) + (away ? '' : '/restore')),
  );

export const useStyleVersions = (style: string | null) =>
  useQuery({
    queryKey: ['style versions', style],
    queryFn: () => call<Style[]>('GET', `${path(style!)}/versions`),
    enabled: style !== null,
    gcTime: 0,
  });

/** @param fonts whether its own fonts are packed with it */
export const styleFile = (style: string, fonts: boolean) => `${path(style)}/file?fonts=${fonts}`;

/** Reads a file with styles; with take it is also imported. */
async function readFile({ file, take }: { file: File; take: boolean }): Promise<StyleFileView> {
  const response = await fetch(`/api/styles/file?take=${take}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/octet-stream', ...shownToBeOurs() },
    body: file,
  });
  if (!response.ok) throw await refusal(response.status, await response.text());
  if (take) void queryClient.invalidateQueries();
  return (await response.json()) as StyleFileView;
}

export const useStyleFile = () => useStyleChange(readFile);

/** The style that new clips of a client start with. */
export const useClientStyle = (client: number | undefined) =>
  useQuery({
    queryKey: ['client style', client],
    queryFn: () => call<{ style?: string }>('GET', `/api/clients/${client}/style`),
    enabled: client !== undefined,
  });

export function useStartWith(client: number | undefined) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (style: string | null) => call('PUT', `/api/clients/${client}/style`, { style }),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ['client style', client] }),
    onError: (error) => notice(error.message),
  });
}
