/** Text that is being typed into a cue, and what stood there when the typing began. */
export interface Draft {
  base: string;
  text: string;
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
