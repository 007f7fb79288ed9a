/** Text being typed into a cue, and the cue's text when typing began. */
export interface Draft {
  base: string;
  text: string;
  /** Its line feeds are line breaks by hand. */
  asLines?: boolean;
  /** When the cue was shown, ms. */
  showMs: number;
  hideMs: number;
}

const key = (clipId: string, cueId: number) => `typed ${clipId} ${cueId}`;

/** What was typed and is not kept yet: it outlives a refusal, a session that ended and a page that was loaded again. */
export function draftOf(clipId: string, cueId: number): Draft | null {
  try {
    return JSON.parse(sessionStorage.getItem(key(clipId, cueId)) ?? 'null') as Draft | null;
  } catch {
    return null;
  }
}

export function holdDraft(clipId: string, cueId: number, draft: Draft) {
  try {
    sessionStorage.setItem(key(clipId, cueId), JSON.stringify(draft));
  } catch {
    // A browser that keeps nothing: the field itself still has it.
  }
}

export function dropDraft(clipId: string, cueId: number) {
  try {
    sessionStorage.removeItem(key(clipId, cueId));
  } catch {
    // Nothing was kept.
  }
}

/** Drafts whose cue is gone: it was deleted, joined or broken again. */
export function lostDrafts(
  clipId: string,
  there: (cueId: number) => boolean,
): { cueId: number; draft: Draft }[] {
  const lost: { cueId: number; draft: Draft }[] = [];
  const begins = key(clipId, 0).slice(0, -1);
  try {
    for (let i = 0; i < sessionStorage.length; i++) {
      const name = sessionStorage.key(i) ?? '';
      const cueId = Number(name.slice(begins.length));
      const draft = name.startsWith(begins) && !there(cueId) ? draftOf(clipId, cueId) : null;
      if (draft) lost.push({ cueId, draft });
    }
  } catch {
    // Nothing was kept.
  }
  return lost;
}
