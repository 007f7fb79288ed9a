import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { refusal, shownToBeOurs } from './http';
import { bodyOf, server } from './server';
import { queryClient } from './queryClient';
import type { StyleFileView } from './types';

export const useStyles = () =>
  useQuery({ queryKey: ['styles'], queryFn: () => bodyOf(server.GET('/api/styles')) });

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
    bodyOf(server.POST('/api/clips/{clipId}/styles', { params: { path: { clipId } }, body: asked })),
  );

export const useRenameStyle = () =>
  useStyleChange(({ style, name }: { style: string; name: string }) =>
    bodyOf(server.PUT('/api/styles/{style}', { params: { path: { style } }, body: { name } })),
  );

/** Out of the strip, or back into it. */
export const usePutAway = () =>
  useStyleChange(({ style, away }: { style: string; away: boolean }) =>
    bodyOf(
      away
        ? server.DELETE('/api/styles/{style}', { params: { path: { style } } })
        : server.POST('/api/styles/{style}/restore', { params: { path: { style } } }),
    ),
  );

/** Makes an older version the newest again. */
export const useTakeBack = () =>
  useStyleChange(({ style, version }: { style: string; version: number }) =>
    bodyOf(
      server.POST('/api/styles/{style}/versions/{version}/take', { params: { path: { style, version } } }),
    ),
  );

/** How many clips use a style, and for how many clients new clips start with it. */
export const useStyleUses = (style: string | null) =>
  useQuery({
    queryKey: ['styles', 'uses', style],
    queryFn: () => bodyOf(server.GET('/api/styles/{style}/uses', { params: { path: { style: style! } } })),
    enabled: style !== null,
    gcTime: 0,
    staleTime: 0,
  });

export const useStyleVersions = (style: string | null) =>
  useQuery({
    queryKey: ['styles', 'versions', style],
    queryFn: () =>
      bodyOf(server.GET('/api/styles/{style}/versions', { params: { path: { style: style! } } })),
    enabled: style !== null,
    gcTime: 0,
  });

/** @param fonts whether its own fonts are packed with it */
export const styleFile = (style: string, fonts: boolean) =>
  `/api/styles/${encodeURIComponent(style)}/file?fonts=${fonts}`;

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
    queryFn: () =>
      bodyOf(server.GET('/api/clients/{client}/style', { params: { path: { client: client! } } })),
    enabled: client !== undefined,
  });

export function useStartWith(client: number | undefined) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (style: string | null) =>
      bodyOf(
        server.PUT('/api/clients/{client}/style', {
          params: { path: { client: client! } },
          body: { style: style ?? undefined },
        }),
      ),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ['client style', client] }),
    onError: (error) => notice(error.message),
  });
}
