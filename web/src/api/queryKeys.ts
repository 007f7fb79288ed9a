/** Keys of queries that more than one part of the page invalidates. */
export const keys = {
  clips: ['clips'] as const,
  clip: (id: string) => ['clip', id] as const,
  track: (id: string) => ['track', id] as const,
  scene: (id: string) => ['scene', id] as const,
  jobs: (id: string) => ['jobs', id] as const,
  orders: ['orders'] as const,
};
