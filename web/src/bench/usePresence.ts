import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { presenceKey, sayHere, sayLeft, type Here } from '../api/presence';
import { keys } from '../api/queryKeys';
import { queryClient } from '../api/queryClient';
import type { Track } from '../api/types';
import { setOthers } from '../state/others';
import { chosenCues, useSelection } from '../state/selection';

/** The server takes a page that is silent for 25 seconds as closed. */
const AGAIN_MS = 10_000;
const SETTLED_MS = 400;

function here(clipId: string): Here {
  const { selected, typing } = useSelection.getState();
  if (typing && 'cueId' in typing) return { cueId: typing.cueId, typing: true };
  const track = queryClient.getQueryData<Track>(keys.track(clipId));
  return { cueId: track && chosenCues(track, selected)[0]?.id, typing: false };
}

/** Reports that this page has the clip open and which cue is selected, and receives the other pages. */
export function usePresence(clipId: string) {
  const others = useQuery({
    queryKey: presenceKey(clipId),
    queryFn: () => sayHere(clipId, here(clipId)),
    refetchInterval: AGAIN_MS,
    refetchIntervalInBackground: true,
    retry: false,
    enabled: clipId !== '',
  });
  useEffect(() => setOthers(others.data), [others.data]);
  useEffect(() => {
    let said = JSON.stringify(here(clipId));
    let waiting: number | undefined;
    const unsubscribe = useSelection.subscribe(() => {
      window.clearTimeout(waiting);
      waiting = window.setTimeout(() => {
        const now = JSON.stringify(here(clipId));
        if (now === said) return;
        said = now;
        void queryClient.invalidateQueries({ queryKey: presenceKey(clipId) });
      }, SETTLED_MS);
    });
    const leave = () => sayLeft(clipId);
    window.addEventListener('pagehide', leave);
    return () => {
      unsubscribe();
      window.clearTimeout(waiting);
      window.removeEventListener('pagehide', leave);
      leave();
      setOthers();
    };
  }, [clipId]);
}
