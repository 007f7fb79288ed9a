import { useState } from 'react';
import { putFile } from '../api/http';
import { keys } from '../api/queryKeys';
import { queryClient } from '../api/queryClient';
import type { Clip } from '../api/types';
import { useNotices } from '../notices/notices';

/** What the server takes as a clip, or as a package of one. */
export const CLIP_ENDINGS = ['mp4', 'mov', 'm4v', 'webm', 'mkv', 'zip'];
export const endingOf = (file: File) => file.name.split('.').pop()!.toLowerCase();

interface Arriving {
  key: string;
  name: string;
  done: number;
}

/**
 * Uploads of clips. A single file opens its bench when it is complete.
 *
 * @param client whose clips they are; null for the workshop's own
 */
export function useBringIn(client: number | null, opened: (clip: Clip) => void) {
  const [arriving, setArriving] = useState<Arriving[]>([]);
  const notice = useNotices((s) => s.say);

  const one = async (file: File) => {
    const key = `${file.name} ${file.size} ${file.lastModified}`;
    setArriving((all) => [...all.filter((a) => a.key !== key), { key, name: file.name, done: 0 }]);
    try {
      return await putFile<Clip>(
        `/api/clips?name=${encodeURIComponent(file.name)}${client ? `&client=${client}` : ''}`,
        file,
        (done) => setArriving((all) => all.map((a) => (a.key === key ? { ...a, done } : a))),
      );
    } catch (error) {
      notice(`${file.name}: ${(error as Error).message}`);
      return null;
    } finally {
      setArriving((all) => all.filter((a) => a.key !== key));
      void queryClient.invalidateQueries({ queryKey: keys.clips });
    }
  };

  const bringIn = async (files: File[]) => {
    for (const file of files) {
      const clip = await one(file);
      if (clip && files.length === 1) opened(clip);
    }
  };
  return { arriving, bringIn };
}
