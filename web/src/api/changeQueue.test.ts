import { describe, expect, it } from 'vitest';
import { ChangeQueue } from './changeQueue';
import { Refused } from './http';
import type { Track, TrackPatch } from './types';

/** A server in memory: a change adds a cue with its name; the version counts. */
class Desk {
  tracks = new Map<string, Track>();
  server = new Map<string, { version: number; texts: string[] }>();
  sent: string[] = [];
  fetched = 0;
  refuse: Record<string, number> = {};
  /** Answers wait until the test lets them go. */
  held: (() => void)[] | null = null;

  private head = (id: string) => ({ version: this.server.get(id)!.version }) as Track;
  private cue = (text: string) => ({ words: [{ text }] }) as unknown as Track['cues'][0];
  open(id: string) {
    this.server.set(id, { version: 1, texts: [] });
    this.tracks.set(id, { ...this.head(id), cues: [] });
  }
  known = (id: string) => this.tracks.get(id);
  keep = (id: string, track: Track) => void this.tracks.set(id, track);
  fetch = (id: string) => {
    this.fetched++;
    return Promise.resolve({ ...this.head(id), cues: this.server.get(id)!.texts.map(this.cue) } as Track);
  };
  send = async (id: string, { version }: Track, change: string): Promise<TrackPatch> => {
    this.sent.push(`${id}:${change}@${version}`);
    if (this.held) await new Promise<void>((go) => this.held!.push(go));
    const there = this.server.get(id)!;
    const status = this.refuse[change] ?? (version === there.version ? 0 : 409);
    if (status) throw new Refused(status, `${change} was refused`);
    there.texts.push(change);
    there.version++;
    const head = this.head(id);
    return {
      before: version,
      head,
      from: there.texts.length - 1,
      removed: 0,
      cues: [this.cue(change)],
    } as TrackPatch;
  };
  texts = (id: string) => this.tracks.get(id)!.cues.map((c) => c.words[0].text);
}

function bench() {
  const desk = new Desk();
  desk.open('a');
  return { desk, queue: new ChangeQueue<string>(desk) };
}

describe('the queue of changes', () => {
  it('sends each on the version that the one before made', async () => {
    const { desk, queue } = bench();
    await Promise.all(['one', 'two', 'three'].map((change) => queue.push('a', change)));
    expect(desk.sent).toEqual(['a:one@1', 'a:two@2', 'a:three@3']);
    expect(desk.texts('a')).toEqual(['one', 'two', 'three']);
    expect(desk.fetched).toBe(0);
  });

  it('sends nothing before the answer to the one before', async () => {
    const { desk, queue } = bench();
    desk.held = [];
    const all = [queue.push('a', 'one'), queue.push('a', 'two')];
    await new Promise((later) => setTimeout(later));
    expect(desk.sent).toEqual(['a:one@1']);
    while (desk.sent.length < 2 || desk.held.length > 0) {
      desk.held.shift()?.();
      await new Promise((later) => setTimeout(later));
    }
    await Promise.all(all);
    expect(desk.sent).toEqual(['a:one@1', 'a:two@2']);
  });

  it('makes a change of the track as it is when its turn comes', async () => {
    const { desk, queue } = bench();
    const made = (track: Track) => `after ${track.cues.length}`;
    await Promise.all(['one', made, made].map((change) => queue.push('a', change)));
    expect(desk.texts('a')).toEqual(['one', 'after 1', 'after 2']);
  });

  it('tells a refusal to whoever made the change, and goes on', async () => {
    const { desk, queue } = bench();
    desk.refuse.two = 422;
    const results = await Promise.allSettled(
      ['one', 'two', 'three'].map((change) => queue.push('a', change)),
    );
    expect(results.map((r) => r.status)).toEqual(['fulfilled', 'rejected', 'fulfilled']);
    expect(desk.texts('a')).toEqual(['one', 'three']);
  });

  it('fetches the track that somebody else changed, before the next change goes out', async () => {
    const { desk, queue } = bench();
    desk.server.set('a', { version: 5, texts: ['hers'] });
    const results = await Promise.allSettled([queue.push('a', 'one'), queue.push('a', 'two')]);
    expect(results.map((r) => r.status)).toEqual(['rejected', 'fulfilled']);
    expect(desk.sent).toEqual(['a:one@1', 'a:two@5']);
    expect(desk.texts('a')).toEqual(['hers', 'two']);
  });

  it('fetches the track when a patch does not fit what is known by then', async () => {
    const { desk, queue } = bench();
    desk.held = [];
    const mine = queue.push('a', 'one');
    await new Promise((later) => setTimeout(later));
    desk.tracks.set('a', { ...desk.tracks.get('a')!, version: 99 });
    desk.held.shift()!();
    expect((await mine).version).toBe(2);
    expect(desk.fetched).toBe(1);
    expect(desk.texts('a')).toEqual(['one']);
  });

  it('lets no track wait for another', async () => {
    const { desk, queue } = bench();
    desk.open('b');
    desk.held = [];
    void queue.push('a', 'one');
    const other = queue.push('b', 'two');
    await new Promise((later) => setTimeout(later));
    expect(desk.sent).toEqual(['a:one@1', 'b:two@1']);
    desk.held[1]();
    expect((await other).version).toBe(2);
  });

  it('keeps the track before it tells', async () => {
    const { desk, queue } = bench();
    await queue.push('a', 'one').then(() => expect(desk.texts('a')).toEqual(['one']));
  });
});
