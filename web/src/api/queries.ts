import { useMutation, useQuery } from '@tanstack/react-query';
import { useCallback } from 'react';
import { useNotices } from '../notices/notices';
import { withBitmaps } from './bitmaps';
import { ChangeQueue, type Made } from './changeQueue';
import { call } from './http';
import { queryClient } from './queryClient';
import { callScene } from './scenes';
import type {
  CaptionFormat,
  Clip,
  Edit,
  Job,
  Language,
  Output,
  Quality,
  Scene,
  SizeOffer,
  ScenePatch,
  Track,
  TrackView,
} from './types';

export const keys = {
  clips: ['clips'] as const,
  clip: (id: string) => ['clip', id] as const,
  track: (id: string) => ['track', id] as const,
  scene: (id: string) => ['scene', id] as const,
  jobs: (id: string) => ['jobs', id] as const,
  orders: ['orders'] as const,
};

export const useClips = () =>
  useQuery({ queryKey: keys.clips, queryFn: () => call<Clip[]>('GET', '/api/clips') });

export const useClip = (id: string) =>
  useQuery({ queryKey: keys.clip(id), queryFn: () => call<Clip>('GET', `/api/clips/${id}`) });

export const useTrack = (id: string) => useQuery({ queryKey: keys.track(id), queryFn: () => fetchTrack(id) });

async function fetchTrack(id: string): Promise<Track> {
  const { head, cues } = await call<TrackView>('GET', `/api/clips/${id}/track`);
  return { ...head, cues };
}

interface MadeScene {
  /** Of this scene and no other. */
  tag: string;
  version: number;
  scene: Scene;
}

/** The newest scene of each clip and language: only what changed since it is sent. */
const newestScene = new Map<string, MadeScene>();

async function fetchScene(id: string, language: string | null): Promise<MadeScene> {
  const key = `${id} ${language}`;
  const known = newestScene.get(key);
  const query = new URLSearchParams();
  if (language) query.set('language', language);
  if (known) query.set('since', known.tag);
  const patch = await call<ScenePatch>('GET', `/api/clips/${id}/scene?${query}`);
  const from = known && patch.before === known.tag ? known.scene : null;
  const scene: Scene = {
    width: patch.width,
    height: patch.height,
    glyphs: { ...from?.glyphs, ...patch.glyphs },
    pictures: { ...from?.pictures, ...patch.pictures },
    parts: from
      ? [...from.parts.slice(0, patch.from), ...patch.parts, ...from.parts.slice(patch.from + patch.removed)]
      : patch.parts,
  };
  const made = { tag: patch.tag, version: patch.version, scene: await withBitmaps(scene) };
  newestScene.set(key, made);
  return made;
}

/** The scene of the track's present version; the one before stays on the stage until it is there. */
export const useScene = (id: string, version: number | undefined, language: string | null) =>
  useQuery({
    queryKey: [...keys.scene(id), version, language],
    queryFn: () => fetchScene(id, language),
    enabled: version !== undefined,
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

export const useJobs = (id: string) =>
  useQuery({ queryKey: keys.jobs(id), queryFn: () => call<Job[]>('GET', `/api/clips/${id}/jobs`) });

export const useLanguages = () =>
  useQuery({
    queryKey: ['languages'],
    queryFn: () => call<Language[]>('GET', '/api/languages'),
    staleTime: Infinity,
  });

/** The options of a render. */
export const useQualities = () =>
  useQuery({
    queryKey: ['qualities'],
    queryFn: () => call<Quality[]>('GET', '/api/qualities'),
    staleTime: Infinity,
  });

/** Sizes that a finished picture can have in a frame, its own first. */
export const useSizes = (id: string, frame: unknown) =>
  useQuery({
    queryKey: ['sizes', id, frame],
    queryFn: () => call<SizeOffer[]>('GET', `/api/clips/${id}/sizes`),
    placeholderData: (before) => before,
  });

/** The outputs of a clip besides caption files. */
export const useOutputs = () =>
  useQuery({
    queryKey: ['outputs'],
    queryFn: () => call<Output[]>('GET', '/api/outputs'),
    staleTime: Infinity,
  });

/** A query part that names the translation, or nothing for the clip's own words. */
export const inLanguage = (language: string | null) => (language ? `?language=${language}` : '');

export const useCaptionFormats = (id: string, version: number, language: string | null) =>
  useQuery({
    queryKey: ['caption formats', id, version, language],
    queryFn: () => call<CaptionFormat[]>('GET', `/api/clips/${id}/captions${inLanguage(language)}`),
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

export function useListenTo(id: string) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (sound: string) => call<Clip>('PUT', `/api/clips/${id}/sound`, { sound }),
    onSuccess: (clip) => queryClient.setQueryData(keys.clip(id), clip),
    onError: (error) => notice(error.message),
  });
}

export const useSample = (id: string, style: string, cueId: number, version: string) =>
  useQuery({
    queryKey: ['sample', id, style, cueId, version],
    queryFn: () =>
      callScene('GET', `/api/clips/${id}/styles/${encodeURIComponent(style)}/sample?cueId=${cueId}`),
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

/** Scales loudness so that the clip's loudest moment fills the strip. */
function toFull(peaks: Uint8Array): Uint8Array {
  const most = peaks.reduce((a, b) => Math.max(a, b), 1);
  return peaks.map((p) => Math.round((p * 255) / most));
}

export const usePeaks = (id: string, ready: boolean, sound: string | undefined) =>
  useQuery({
    queryKey: ['peaks', id, sound],
    queryFn: async () => {
      const response = await fetch(`/api/clips/${id}/peaks`);
      return toFull(new Uint8Array(response.ok ? await response.arrayBuffer() : new ArrayBuffer(0)));
    },
    enabled: ready,
    staleTime: Infinity,
  });

/** The track in the cache at the time of a click or key, without subscribing to it. */
export function useTrackNow(id: string): () => Track | undefined {
  return useCallback(() => queryClient.getQueryData<Track>(keys.track(id)), [id]);
}

export const useSpeechEdges = (id: string, ready: boolean, sound: string) =>
  useQuery({
    queryKey: ['speech edges', id, sound],
    queryFn: () => call<number[]>('GET', `/api/clips/${id}/speech-edges`),
    enabled: ready,
    staleTime: Infinity,
  });

type Step = { kind: 'undo' } | { kind: 'redo' };
/** To the point of the history after this step; 0 is the beginning. */
type GoTo = { kind: 'goTo'; seq: number };

const changes = new ChangeQueue<Edit | Step | GoTo>({
  known: (id) => queryClient.getQueryData<Track>(keys.track(id)),
  keep: (id, track) => queryClient.setQueryData(keys.track(id), track),
  fetch: fetchTrack,
  send: (id, { version, incarnation }, change) => {
    const track = `/api/clips/${id}/track`;
    if (change.kind === 'goTo')
      return call('POST', `${track}/history`, { version, incarnation, seq: change.seq });
    if (change.kind === 'undo' || change.kind === 'redo')
      return call('POST', `${track}/${change.kind}`, { version, incarnation });
    return call('POST', `${track}/edits`, { version, incarnation, edit: change });
  },
});

function useTrackChange<C extends Edit | Step | GoTo>(id: string) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (change: Made<C>) => changes.push(id, change),
    onError: (error) => notice(error.message),
  });
}

export const useChange = (id: string) => useTrackChange<Edit | Step>(id);

export function useGoTo(id: string) {
  const { mutate } = useTrackChange<GoTo>(id);
  return { mutate: (seq: number) => mutate({ kind: 'goTo', seq }) };
}

export function useOrder<Body>(path: string, id: string) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (body: Body) => call<Job>('POST', path, body),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: keys.jobs(id) }),
    onError: (error) => notice(error.message),
  });
}
