import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { call, Refused } from './http';
import { queryClient } from './queryClient';
import type {
  CaptionFormat,
  Clip,
  Edit,
  Glossary,
  Job,
  Language,
  Recipe,
  Scene,
  Style,
  Track,
  TrackPatch,
  TrackView,
} from './types';

export const keys = {
  clips: ['clips'] as const,
  clip: (id: string) => ['clip', id] as const,
  track: (id: string) => ['track', id] as const,
  scene: (id: string) => ['scene', id] as const,
  jobs: (id: string) => ['jobs', id] as const,
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

/** The scene of the track's present version; the one before stays on the stage until it is there. */
export const useScene = (id: string, version: number | undefined) =>
  useQuery({
    queryKey: [...keys.scene(id), version],
    queryFn: () => call<{ version: number; scene: Scene }>('GET', `/api/clips/${id}/scene`),
    enabled: version !== undefined,
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

export const useJobs = (id: string) =>
  useQuery({ queryKey: keys.jobs(id), queryFn: () => call<Job[]>('GET', `/api/clips/${id}/jobs`) });

export const useStyles = () =>
  useQuery({ queryKey: ['styles'], queryFn: () => call<Style[]>('GET', '/api/styles'), staleTime: Infinity });

export const useRecipes = () =>
  useQuery({
    queryKey: ['recipes'],
    queryFn: () => call<Recipe[]>('GET', '/api/recipes'),
    staleTime: Infinity,
  });

export const useLanguages = () =>
  useQuery({
    queryKey: ['languages'],
    queryFn: () => call<Language[]>('GET', '/api/languages'),
    staleTime: Infinity,
  });

export const useGlossary = () =>
  useQuery({ queryKey: ['glossary'], queryFn: () => call<Glossary>('GET', '/api/glossary') });

export function useSaveGlossary() {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (terms: Glossary['terms']) => call<Glossary>('PUT', '/api/glossary', { terms }),
    onSuccess: (saved) => queryClient.setQueryData(['glossary'], saved),
    onError: (error) => notice(error.message),
  });
}

export const useCaptionFormats = (id: string, version: number) =>
  useQuery({
    queryKey: ['caption formats', id, version],
    queryFn: () => call<CaptionFormat[]>('GET', `/api/clips/${id}/captions`),
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

export const useSample = (id: string, style: string, cueId: number, version: number | undefined) =>
  useQuery({
    queryKey: ['sample', id, style, cueId, version],
    queryFn: () =>
      call<Scene>('GET', `/api/clips/${id}/styles/${encodeURIComponent(style)}/sample?cueId=${cueId}`),
    enabled: version !== undefined,
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

/** For drawing: the clip's loudest moment fills the strip. */
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

function patched(track: Track, { head, from, removed, cues }: TrackPatch): Track {
  return { ...head, cues: [...track.cues.slice(0, from), ...cues, ...track.cues.slice(from + removed)] };
}

type Step = { kind: 'undo' } | { kind: 'redo' };

/** Changes to a track go out one after another, each on the version the one before made. */
const waiting = new Map<string, Promise<unknown>>();

async function changeTrack(id: string, change: Edit | Step): Promise<Track> {
  const before = waiting.get(id) ?? Promise.resolve();
  const mine = before
    .catch(() => undefined)
    .then(async () => {
      const version = queryClient.getQueryData<Track>(keys.track(id))?.version ?? 0;
      const patch =
        change.kind === 'undo' || change.kind === 'redo'
          ? await call<TrackPatch>('POST', `/api/clips/${id}/track/${change.kind}`, { version })
          : await call<TrackPatch>('POST', `/api/clips/${id}/track/edits`, { version, edit: change });
      const known = queryClient.getQueryData<Track>(keys.track(id));
      const track = known?.version === patch.before ? patched(known, patch) : await fetchTrack(id);
      queryClient.setQueryData(keys.track(id), track);
      return track;
    });
  waiting.set(id, mine);
  return mine;
}

export function useChange(id: string) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (change: Edit | Step) => changeTrack(id, change),
    onError: (error) => {
      notice(error.message);
      if (error instanceof Refused && error.status === 409)
        queryClient.invalidateQueries({ queryKey: keys.track(id) });
    },
  });
}

export function useOrder<Body>(path: string, id: string) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (body: Body) => call<Job>('POST', path, body),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: keys.jobs(id) }),
    onError: (error) => notice(error.message),
  });
}
