import { Refused } from './http';
import type { Track, TrackPatch } from './types';

/** Where the queue reads and keeps what it knows of tracks, and how it talks to the server. */
/** A change, or how it is made of the track as it is when its turn comes. */
export type Made<Change> = Change | ((track: Track) => Change);

export interface ChangeDesk<Change> {
  known: (id: string) => Track | undefined;
  keep: (id: string, track: Track) => void;
  /** Carries a change out on that track; a refusal is thrown. */
  send: (id: string, on: Track, change: Change) => Promise<TrackPatch>;
  /** The whole track, for when the patch does not fit what is known. */
  fetch: (id: string) => Promise<Track>;
}

/**
 * Sends changes to a track one after another, in the order they were made. Each is based on the version that the
 * previous one returned, so that a fast typist never gets a stale version. A refusal is reported only to its author,
 * and the next change continues from the known state. After a refusal because of somebody else's change (409) the
 * track is fetched before the next change is sent. A result is stored before the next change is sent and before its
 * author is notified. Tracks do not wait for one another.
 */
export class ChangeQueue<Change> {
  private readonly last = new Map<string, Promise<unknown>>();

  constructor(private readonly desk: ChangeDesk<Change>) {}

  push(id: string, change: Made<Change>): Promise<Track> {
    const before = this.last.get(id) ?? Promise.resolve();
    const mine = before.then(() => this.carryOut(id, change));
    const settled = mine.catch(() => undefined);
    this.last.set(id, settled);
    void settled.then(() => {
      if (this.last.get(id) === settled) this.last.delete(id);
    });
    return mine;
  }

  private async carryOut(id: string, made: Made<Change>): Promise<Track> {
    const { desk } = this;
    try {
      const before = desk.known(id) ?? (await desk.fetch(id));
      const change = made instanceof Function ? made(before) : made;
      const patch = await desk.send(id, before, change);
      const known = desk.known(id);
      const fits = known?.version === patch.before && known.incarnation === patch.head.incarnation;
      const track = fits ? patched(known, patch) : await desk.fetch(id);
      desk.keep(id, track);
      return track;
    } catch (error) {
      if (error instanceof Refused && error.status === 409) {
        await desk
          .fetch(id)
          .then((track) => desk.keep(id, track))
          .catch(() => undefined);
      }
      throw error;
    }
  }
}

function patched(track: Track, { head, from, removed, cues }: TrackPatch): Track {
  return { ...head, cues: [...track.cues.slice(0, from), ...cues, ...track.cues.slice(from + removed)] };
}
