import { useId, useLayoutEffect, useRef, useState } from 'react';
import { Refused } from '../api/http';
import { bodyOf, server } from '../api/server';
import { useChange } from '../api/changes';
import { useTrackNow } from '../api/queries';
import type { Cue, Track } from '../api/types';
import { useChoices } from '../state/choices';
import { draftOf, dropDraft, holdDraft } from '../state/drafts';
import { expectField } from '../keys/keyboard';
import { usePlayer } from '../player/player';
import { useSelection, type Typing } from '../state/selection';
import { textOf, wordAt } from '../state/text';
import {
  fieldOffset,
  fieldText,
  glueOf,
  inOneLine,
  sentText,
  withBreak,
  withoutBreak,
  type Typed,
} from '../state/typedLines';
import { BreakMarks } from './BreakMarks';
import { TheirText } from './TheirText';

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
  const text = fieldText(cue);
  const glue = glueOf(cue);
  const plain = (typed: string) => inOneLine(typed, glue);
  const same = (a: string, b: string) => plain(a) === plain(b);
  const done = useRef(false);
  const [draft] = useState(() => draftOf(clipId, cue.id));
  /** The text when typing began, or as last shown beside it. */
  const base = useRef(draft?.base ?? text);
  const [theirs, setTheirs] = useState(draft && !same(draft.base, text) ? text : null);
  const [typed, setTyped] = useState(draft?.text ?? text);
  /** Line breaks were typed or taken away here: the field's lines are the cue's. */
  const [linesTyped, setLinesTyped] = useState(draft?.asLines ?? false);
  /** What both began with, where there are two. */
  const common = useRef(base.current);
  const said = useId();
  const hold = (now: string, asLines = linesTyped) =>
    holdDraft(clipId, cue.id, {
      base: base.current,
      text: now,
      asLines,
      showMs: cue.showMs,
      hideMs: cue.hideMs,
    });
  /** Text from a key, as if typed: the field can undo it. */
  const putIn = ({ text: now, caret }: Typed, asLines: boolean) => {
    const element = field.current!;
    if (now === element.value) return;
    element.select();
    if (!document.execCommand?.('insertText', false, now)) element.value = now;
    element.setSelectionRange(caret, caret);
    setTyped(now);
    setLinesTyped(asLines);
    hold(now, asLines);
  };

  useLayoutEffect(() => {
    const element = field.current!;
    element.focus();
    if (useChoices.getState().pauseWhileTyping) usePlayer.getState().pause();
    if (theirs !== null) base.current = text;
    const caret = typing.caret;
    if (draft) return;
    if (caret !== undefined) {
      const at = caret === 'start' ? 0 : caret === 'end' ? text.length : fieldOffset(cue, caret);
      element.setSelectionRange(at, at);
      return;
    }
    let from = 0;
    for (const [i, word] of cue.words.entries()) {
      from += cue.lineStarts.includes(i) || (i > 0 && word.spaced) ? 1 : 0;
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

  // As high as its lines, however wide it is.
  useLayoutEffect(() => {
    const element = field.current!;
    element.style.height = 'auto';
    element.style.height = `${element.scrollHeight}px`;
  }, [typed]);

  /** Ends the typing; gives the track as it then is, or null when the text was refused. */
  const keep = async (): Promise<Track | null> => {
    if (done.current) return null;
    const { value } = field.current!;
    const mine = linesTyped || (!same(value, base.current) && !same(value, text));
    if (mine && !same(text, base.current)) {
      common.current = base.current;
      base.current = text;
      setTheirs(text);
      hold(value);
      return null;
    }
    done.current = true;
    endTyping();
    if (mine) {
      try {
        const track = await mutateAsync({
          kind: 'retypeCue',
          cueId: cue.id,
          text: sentText(value),
          asLines: linesTyped || undefined,
        });
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
    const mine = field.current!.value;
    const { text: both } = await bodyOf(
      server.POST('/api/clips/{clipId}/track/merged', {
        params: { path: { clipId } },
        body: {
          base: common.current,
          mine,
          theirs: theirs ?? undefined,
        },
      }),
    );
    if (!field.current || field.current.value !== mine) return;
    putIn({ text: both, caret: both.length }, false);
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
  const splitAtCaret = async () => {
    const at = before();
    const track = await keep();
    const word = track && wordIn(track, at);
    if (!word) return;
    await mutateAsync({ kind: 'splitCue', wordId: word.id }).catch(() => undefined);
    select({ kind: 'word', id: word.id });
  };
  /** The word that begins after this much of the text. */
  const wordIn = (track: Track, at: string) => {
    const now = track.cues.find((c) => c.id === cue.id);
    return now && wordAt(now, plain(at).length);
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
    const here = { text: element.value, caret: element.selectionStart };
    const unbroken = empty && !e.ctrlKey && !e.metaKey && withoutBreak(here, e.key, glue);
    let act: (() => void) | null = null;
    if (e.key === 'Enter') {
      if (e.altKey) act = () => void splitAtCaret();
      // A typed break replaces those of the recipe.
      else if (e.shiftKey) act = () => putIn(withBreak(here, glue, !linesTyped && !cue.linesByHand), true);
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
    else if ((e.key === 'Backspace' || e.key === 'Delete') && unbroken) act = () => putIn(unbroken, true);
    else if (e.key === 'Backspace' && atStart) {
      const first = neighbour(trackNow(), -1);
      const length = first ? textOf([...first.words, cue.words[0]]).length - cue.words[0].text.length : 0;
      if (first) act = () => void join(first, length);
    } else if (e.key === 'Delete' && atEnd) {
      const next = neighbour(trackNow(), 1);
      if (next) act = () => void join(cue, plain(element.value).length);
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
  const as = `px-1.5 py-0.5 ${typing.onStage ? 'text-center' : 'leading-[1.5]'}`;
  return (
    <>
      <div className="relative">
        <textarea
          ref={field}
          aria-label="Text of this cue"
          aria-describedby={theirs === null ? undefined : said}
          defaultValue={draft?.text ?? text}
          dir="auto"
          rows={1}
          onInput={(e) => {
            setTyped(e.currentTarget.value);
            hold(e.currentTarget.value);
          }}
          onBlur={() => void keep()}
          onKeyDown={onKeyDown}
          className={`block w-full resize-none rounded-md outline-2 outline-accent ${as} ${typing.onStage ? 'bg-stage/95' : 'bg-page'}`}
        />
        <BreakMarks text={typed} byHand={linesTyped || cue.linesByHand} as={as} />
      </div>
      {theirs !== null && <TheirText id={said} theirs={theirs} typed={typed} />}
    </>
  );
}

/** The word that was selected before if it still exists, else the first word of the cue. */
function wordInHand(track: Track, cueId: number, wordId: number | null): number | null {
  const cue = track.cues.find((c) => c.id === cueId);
  return (cue?.words.find((w) => w.id === wordId) ?? cue?.words[0])?.id ?? null;
}
