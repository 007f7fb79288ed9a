import { useId, useLayoutEffect, useRef, useState } from 'react';
import { Refused } from '../api/http';
import { bodyOf, server } from '../api/server';
import { useChange } from '../api/changes';
import { useTrackNow } from '../api/queries';
import type { Cue, Track } from '../api/types';
import { useChoices } from '../state/choices';
import { differing } from '../state/differing';
import { draftOf, dropDraft, holdDraft } from '../state/drafts';
import { expectField } from '../keys/keyboard';
import { usePlayer } from '../player/player';
import { useSelection, type Typing } from '../state/selection';
import { textOf, tidied, wordAt } from '../state/text';

/**
 * A cue's text being typed, in its place. Enter keeps it, Escape leaves it as it was. Where somebody else has typed there
 * meanwhile, both are shown, and Enter, Escape or Ctrl Enter says which, or both.
 */
export function CueText(props: { clipId: string; cue: Cue; typing: Extract<Typing, { cueId: number }> }) {
  const { clipId, cue, typing } = props;
  const field = useRef<HTMLTextAreaElement>(null);
  const { mutateAsync } = useChange(clipId);
  const trackNow = useTrackNow(clipId);
  const { endTyping, type, select } = useSelection.getState();
  const text = textOf(cue.words);
  const done = useRef(false);
  const [draft] = useState(() => draftOf(clipId, cue.id));
  /** The text when typing began, or as last shown beside it. */
  const base = useRef(draft?.base ?? text);
  const [theirs, setTheirs] = useState(draft && draft.base !== text ? text : null);
  /** What both began with, where there are two. */
  const common = useRef(base.current);
  const said = useId();
  const hold = (typed: string) =>
    holdDraft(clipId, cue.id, { base: base.current, text: typed, showMs: cue.showMs, hideMs: cue.hideMs });

  useLayoutEffect(() => {
    const element = field.current!;
    element.focus();
    if (useChoices.getState().pauseWhileTyping) usePlayer.getState().pause();
    if (theirs !== null) base.current = text;
    const caret = typing.caret;
    if (draft) return;
    if (caret !== undefined) {
      const at = caret === 'start' ? 0 : caret === 'end' ? text.length : caret;
      element.setSelectionRange(at, at);
      return;
    }
    let from = 0;
    for (const [i, word] of cue.words.entries()) {
      from += i > 0 && word.spaced ? 1 : 0;
      if (word.id === typing.wordId) {
        element.setSelectionRange(from, from + word.text.length);
        return;
      }
      from += word.text.length;
    }
    element.setSelectionRange(text.length, text.length);
    // Only when typing begins: the caret is the typist's afterwards.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);

  /** Ends the typing; gives the track as it then is, or null when the text was refused. */
  const keep = async (): Promise<Track | null> => {
    if (done.current) return null;
    const typed = tidied(field.current!.value);
    const mine = typed !== tidied(base.current) && typed !== text;
    if (mine && text !== base.current) {
      common.current = base.current;
      base.current = text;
      setTheirs(text);
      hold(field.current!.value);
      return null;
    }
    done.current = true;
    endTyping();
    if (mine) {
      try {
        const track = await mutateAsync({ kind: 'retypeCue', cueId: cue.id, text: typed });
        dropDraft(clipId, cue.id);
        return track;
      } catch (refused) {
        // Somebody else was faster: the typed text returns to its field, beside theirs.
        const others = refused instanceof Refused && refused.status === 409;
        if (others && !useSelection.getState().typing) type(cue.id, typing.wordId, 'end', typing.onStage);
        return null;
      }
    }
    dropDraft(clipId, cue.id);
    return trackNow() ?? null;
  };
  const leave = () => {
    done.current = true;
    dropDraft(clipId, cue.id);
    endTyping();
    select(typing.wordId ? { kind: 'word', id: typing.wordId } : { kind: 'cue', id: cue.id });
  };
  /** Both into the field, for the typist to look at. */
  const merge = async () => {
    const typed = field.current!.value;
    const { text: both } = await bodyOf(
      server.POST('/api/clips/{clipId}/track/merged', {
        params: { path: { clipId } },
        body: {
          base: common.current,
          mine: typed,
          theirs: theirs ?? undefined,
        },
      }),
    );
    if (!field.current || field.current.value !== typed) return;
    field.current.value = both;
    hold(both);
    setTheirs(null);
  };
  const before = (): string => field.current!.value.slice(0, field.current!.selectionStart);
  const neighbour = (track: Track | null | undefined, by: number) => {
    const index = track?.cues.findIndex((c) => c.id === cue.id) ?? -1;
    return index < 0 ? undefined : track?.cues[index + by];
  };
  const go = async (by: number, caret: 'start' | 'end') => {
    const beside = neighbour(trackNow(), by);
    if (beside) expectField();
    const track = await keep();
    if (!track || !beside) return;
    // In the picture the next cue has to be there to be typed in.
    if (typing.onStage) usePlayer.getState().seek(Math.round((beside.showMs + beside.hideMs) / 2));
    type(beside.id, null, caret, typing.onStage);
  };
  const breakAtCaret = async (kind: 'splitCue' | 'breakLine') => {
    const at = before();
    const track = await keep();
    const word = track && wordIn(track, at);
    if (!word) return;
    await mutateAsync(
      kind === 'splitCue' ? { kind, wordId: word.id } : { kind, wordId: word.id, broken: true },
    ).catch(() => undefined);
    select({ kind: 'word', id: word.id });
  };
  /** The word that begins after this much of the text. */
  const wordIn = (track: Track, at: string) => {
    const now = track.cues.find((c) => c.id === cue.id);
    return now && wordAt(now, tidied(at).length);
  };
  const join = async (first: Cue | undefined, caret: number) => {
    if (first) expectField();
    const track = await keep();
    if (!track || !first) return;
    const joined = await mutateAsync({ kind: 'joinCues', cueId: first.id }).catch(() => null);
    if (joined) type(first.id, null, caret, typing.onStage);
  };

  const onKeyDown = (e: React.KeyboardEvent<HTMLTextAreaElement>) => {
    const chosen = useSelection.getState().selected;
    const element = e.currentTarget;
    const empty = element.selectionStart === element.selectionEnd;
    const atStart = empty && element.selectionStart === 0;
    const atEnd = empty && element.selectionStart === element.value.length;
    let act: (() => void) | null = null;
    if (e.key === 'Enter') {
      if (e.altKey) act = () => void breakAtCaret('splitCue');
      else if (e.shiftKey) act = () => void breakAtCaret('breakLine');
      else if ((e.ctrlKey || e.metaKey) && theirs !== null) act = () => void merge().catch(() => undefined);
      else if (e.ctrlKey || e.metaKey) act = () => void go(1, 'end');
      else
        act = () =>
          void keep().then((track) => {
            const word = track && wordInHand(track, cue.id, typing.wordId);
            // The typist may have gone on already.
            if (word && useSelection.getState().selected === chosen) select({ kind: 'word', id: word });
          });
    } else if (e.key === 'Escape') act = leave;
    else if (e.key === 'Backspace' && atStart) {
      const first = neighbour(trackNow(), -1);
      const length = first ? textOf([...first.words, cue.words[0]]).length - cue.words[0].text.length : 0;
      if (first) act = () => void join(first, length);
    } else if (e.key === 'Delete' && atEnd) {
      const next = neighbour(trackNow(), 1);
      if (next) act = () => void join(cue, element.value.length);
    } else if (e.key === 'ArrowUp' && atStart) act = () => void go(-1, 'end');
    else if (e.key === 'ArrowDown' && atEnd) act = () => void go(1, 'start');
    else if (e.key === ' ' && (e.ctrlKey || e.metaKey)) {
      act = () => usePlayer.getState().play(cue.showMs, cue.hideMs);
    }
    if (act) {
      e.preventDefault();
      act();
    }
  };
  return (
    <>
      <textarea
        ref={field}
        aria-label="Text of this cue"
        aria-describedby={theirs === null ? undefined : said}
        defaultValue={draft?.text ?? text}
        dir="auto"
        rows={Math.max(1, Math.ceil(text.length / 34))}
        onInput={(e) => hold(e.currentTarget.value)}
        onBlur={() => void keep()}
        onKeyDown={onKeyDown}
        className={`w-full resize-none rounded-md px-1.5 py-0.5 outline-2 outline-accent ${
          typing.onStage ? 'bg-stage/95 text-center' : 'bg-page leading-[1.5]'
        }`}
      />
      {theirs !== null && (
        <div id={said} role="status" className="mt-1.5 rounded-md bg-sunk px-2.5 py-1.5 text-note">
          <p className="text-soft">Somebody else typed here meanwhile:</p>
          <p dir="auto" className="py-0.5 text-ink">
            {differing(theirs, field.current?.value ?? draft?.text ?? '').map(({ word, differs }, i) => (
              <span key={i} className={differs ? 'font-semibold text-accent' : undefined}>
                {word}{' '}
              </span>
            ))}
          </p>
          <p className="text-soft">Enter keeps yours, Escape theirs, Ctrl&nbsp;Enter merges both.</p>
        </div>
      )}
    </>
  );
}

/** The word that was selected before if it still exists, else the first word of the cue. */
function wordInHand(track: Track, cueId: number, wordId: number | null): number | null {
  const cue = track.cues.find((c) => c.id === cueId);
  return (cue?.words.find((w) => w.id === wordId) ?? cue?.words[0])?.id ?? null;
}
