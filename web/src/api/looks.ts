import { useQuery } from '@tanstack/react-query';
import { bodyOf, server } from './server';

/** The target of a change of the look: words, cues, an emphasis role, a headline, or else the whole track. */
export interface Target {
  wordIds?: number[];
  cueIds?: number[];
  role?: number;
  headlineId?: number;
}

export const useFacets = () =>
  useQuery({
    queryKey: ['facets'],
    queryFn: () => bodyOf(server.GET('/api/facets')),
    staleTime: Infinity,
  });

/** Clamps a number to the range of its facet. */
export function useWithin(): (facet: string, value: number) => number {
  const groups = useFacets().data;
  return (name, value) => {
    const facet = groups?.flatMap((group) => group.facets).find((f) => f.name === name);
    return facet ? Math.min(facet.most, Math.max(facet.least, value)) : value;
  };
}

export const useTypefaces = () =>
  useQuery({
    queryKey: ['typefaces'],
    queryFn: () => bodyOf(server.GET('/api/typefaces')),
    staleTime: Infinity,
  });

/** The look of the first thing that a change would affect. */
export const useLook = (id: string, version: number, target: Target) => {
  const query = target.wordIds
    ? { wordId: target.wordIds[0] }
    : target.cueIds
      ? { cueId: target.cueIds[0] }
      : { role: target.role || undefined, headlineId: target.headlineId };
  return useQuery({
    queryKey: ['look', id, version, query],
    queryFn: () =>
      bodyOf(server.GET('/api/clips/{clipId}/look', { params: { path: { clipId: id }, query } })),
    placeholderData: (before) => before,
    gcTime: 10_000,
  });
};

export const usePalette = (id: string, version: number) =>
  useQuery({
    queryKey: ['palette', id, version],
    queryFn: () => bodyOf(server.GET('/api/clips/{clipId}/palette', { params: { path: { clipId: id } } })),
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

/** Preset curves. */
export const useCurves = () =>
  useQuery({
    queryKey: ['curves'],
    queryFn: () => bodyOf(server.GET('/api/curves')),
    staleTime: Infinity,
  });

/** Points of a curve, for drawing it. */
export const useCurve = (curve: string) =>
  useQuery({
    queryKey: ['curve', curve],
    queryFn: () => bodyOf(server.GET('/api/curve', { params: { query: { of: curve } } })),
    placeholderData: (before) => before,
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
  });

export const useContrast = (one: string, other: string) =>
  useQuery({
    queryKey: ['contrast', one, other],
    queryFn: () => bodyOf(server.GET('/api/contrast', { params: { query: { one, other } } })),
    placeholderData: (before) => before,
    staleTime: Infinity,
  });
