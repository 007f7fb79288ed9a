import { useSyncExternalStore } from 'react';

const narrow = window.matchMedia('(max-width: 1099px)');

const listen = (heard: () => void) => {
  narrow.addEventListener('change', heard);
  return () => narrow.removeEventListener('change', heard);
};

/** Whether the window is too narrow for stage and score side by side. */
export const useNarrow = () => useSyncExternalStore(listen, () => narrow.matches);
