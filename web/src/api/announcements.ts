import { useEffect } from 'react';
import { askWhoIsHere } from './people';
import { presenceKey } from './presence';
import { keys } from './queryKeys';
import { queryClient } from './queryClient';
import type { Track } from './types';

interface Announcement {
  what: 'track' | 'translation' | 'clip' | 'job' | 'review' | 'presence' | 'missed';
  clipId: string;
  version?: number;
}

/** Listens to announcements of the server and refetches what has changed. */
export function useAnnouncements() {
  useEffect(() => {
    const events = new EventSource('/api/events');
    events.onmessage = (event) => {
      const said = JSON.parse(event.data as string) as Announcement;
      if (said.what === 'missed') {
        // The server itself had not heard for a while.
        void queryClient.invalidateQueries();
      } else if (said.what === 'track') {
        const known = queryClient.getQueryData<Track>(keys.track(said.clipId));
        if (!known || known.version < (said.version ?? 0)) {
          void queryClient.invalidateQueries({ queryKey: keys.track(said.clipId) });
        }
        void queryClient.invalidateQueries({ queryKey: keys.clips });
      } else if (said.what === 'translation') {
        void queryClient.invalidateQueries({ queryKey: ['translation', said.clipId] });
        void queryClient.invalidateQueries({ queryKey: keys.scene(said.clipId) });
      } else if (said.what === 'job') {
        void queryClient.invalidateQueries({ queryKey: keys.jobs(said.clipId) });
        void queryClient.invalidateQueries({ queryKey: keys.orders });
      } else if (said.what === 'presence') {
        void queryClient.invalidateQueries({ queryKey: presenceKey(said.clipId) });
      } else if (said.what === 'review') {
        void queryClient.invalidateQueries({ queryKey: ['reviews', said.clipId] });
      } else {
        void queryClient.invalidateQueries({ queryKey: keys.clips });
        void queryClient.invalidateQueries({ queryKey: keys.clip(said.clipId) });
        void queryClient.invalidateQueries({ queryKey: ['peaks', said.clipId] });
      }
    };
    // Also on the first connection: announcements before it were missed.
    events.onopen = () => void queryClient.invalidateQueries();
    // Refused, not only interrupted: the session may have ended.
    events.onerror = () => {
      if (events.readyState === EventSource.CLOSED) void askWhoIsHere();
    };
    return () => events.close();
  }, []);
}
