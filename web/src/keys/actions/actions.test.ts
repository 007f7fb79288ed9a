// @vitest-environment jsdom
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Edit, Track } from '../../api/types';
import { usePlayer } from '../../player/player';
import { useSelection } from '../../state/selection';
import { actionNamed } from '../actions';
import { handOf, type Step } from '../hand';

/** Two cues of three words, a word each half second; the third and the fifth are unsure. */
const word = (id: number) => ({
  id,
  text: `w${id}`,
  startMs: id * 500,
  endMs: id * 500 + 400,
  unsure: id === 3 || id === 5,
});
const cue = (id: number, words: number[]) => ({
  id,
  words: words.map(word),
  lineStarts: [],
  showMs: words[0] * 500,
  hideMs: words[words.length - 1] * 500 + 450,
});
const track = { cues: [cue(10, [1, 2, 3]), cue(20, [4, 5, 6])], headlines: [] } as unknown as Track;

const sent: (Edit | Step)[] = [];
const press = (id: string) => actionNamed(id).run(handOf('a', track, (edit) => sent.push(edit)))?.();
const at = (timeMs: number) => usePlayer.setState({ timeMs, seekWord: vi.fn((ms: number) => at(ms)) });
const select = useSelection.getState().select;

beforeEach(() => {
  sent.length = 0;
  select({ kind: 'none' });
  at(0);
});

describe('splitting', () => {
  it('is before the selected word', () => {
    select({ kind: 'word', id: 3 });
    press('split');
    expect(sent).toEqual([{ kind: 'splitCue', wordId: 3 }]);
  });

  it('is at the playhead where no word is selected: before the word that begins nearest', () => {
    at(950);
    press('split');
    at(1400);
    press('split');
    expect(sent).toEqual([
      { kind: 'splitCue', wordId: 2 },
      { kind: 'splitCue', wordId: 3 },
    ]);
  });

  it('does nothing in a rest', () => {
    at(1990);
    press('split');
    expect(sent).toEqual([]);
  });
});

describe('sending words', () => {
  it('takes the last word on and the first word back, whichever is selected', () => {
    select({ kind: 'word', id: 5 });
    press('sendOn');
    press('sendBack');
    expect(sent).toEqual([
      { kind: 'moveWord', wordId: 6, toNext: true },
      { kind: 'moveWord', wordId: 4, toNext: false },
    ]);
  });
});

describe('the next unsure word', () => {
  const selected = () => useSelection.getState().selected;

  it('is the one after the selected word, then the first again', () => {
    select({ kind: 'word', id: 1 });
    at(500);
    press('unsure');
    expect(selected()).toEqual({ kind: 'word', id: 3 });
    press('unsure');
    expect(selected()).toEqual({ kind: 'word', id: 5 });
    press('unsure');
    expect(selected()).toEqual({ kind: 'word', id: 3 });
  });

  it('goes on from the playhead after Home', () => {
    select({ kind: 'word', id: 4 });
    at(2000);
    at(0);
    press('unsure');
    expect(selected()).toEqual({ kind: 'word', id: 3 });
  });
});
