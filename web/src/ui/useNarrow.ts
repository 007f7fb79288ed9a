import { useSyncExternalStore } from 'react';

const narrow = window.matchMedia('(max-width: 1099px)');

const listen = (heard: () => void) => {
  narrow.addEventListener('change', heard);
  return () => narrow.removeEventListener('change', heard);
};

/** Whether there is no room for stage and score beside each other. */
export const useNarrow = () => useSyncExternalStore(listen, () => narrow.matches);
