import { describe, expect, it } from 'vitest';
import type { Cue } from '../api/types';
import { fieldOffset, fieldText, glueOf, inOneLine, sentText, withBreak, withoutBreak } from './typedLines';

const cue = (lines: string[], spaced = true) => {
  const words = lines.map((line) => (spaced ? line.split(' ') : [...line]));
  let count = 0;
  return {
    words: words.flat().map((text) => ({ text, spaced })),
    lineStarts: words.slice(0, -1).map((line) => (count += line.length)),
  } as unknown as Cue;
};

describe('a cue in its field', () => {
  it('has its lines', () => {
    expect(fieldText(cue(['the tide', 'turns']))).toBe('the tide\nturns');
    expect(fieldText(cue(['海の', '風'], false))).toBe('海の\n風');
    expect(glueOf(cue(['the tide']))).toBe(' ');
    expect(glueOf(cue(['海の', '風'], false))).toBe('');
  });

  it('knows where its characters are', () => {
    expect(fieldOffset(cue(['the tide', 'turns']), 9)).toBe(9);
    expect(fieldOffset(cue(['海の', '風'], false), 3)).toBe(4);
    expect(fieldOffset(cue(['海の', '風'], false), 2)).toBe(2);
  });

  it('is one line again without them', () => {
    expect(inOneLine('the tide\nturns ', ' ')).toBe('the tide turns');
    expect(inOneLine('海の\n風', '')).toBe('海の風');
    expect(sentText(' the  tide \n\n turns')).toBe('the tide\nturns');
  });
});

describe('a typed line break', () => {
  it('replaces those of the recipe, and is added to those by hand', () => {
    const text = 'the tide turns\nat nine';
    expect(withBreak({ text, caret: 8 }, ' ', true)).toEqual({ text: 'the tide\nturns at nine', caret: 9 });
    expect(withBreak({ text, caret: 8 }, ' ', false).text).toBe('the tide\nturns\nat nine');
  });

  it('never cuts a word, and needs words on both sides', () => {
    expect(withBreak({ text: 'the tide turns', caret: 6 }, ' ', true).text).toBe('the tide\nturns');
    expect(withBreak({ text: 'the tide', caret: 4 }, ' ', true).text).toBe('the\ntide');
    expect(withBreak({ text: 'the tide', caret: 6 }, ' ', true).text).toBe('the tide');
    expect(withBreak({ text: '海の風', caret: 2 }, '', true).text).toBe('海の\n風');
  });

  it('goes by Backspace and Delete, and leaves its words apart', () => {
    const text = 'the tide\nturns';
    expect(withoutBreak({ text, caret: 9 }, 'Backspace', ' ')).toEqual({ text: 'the tide turns', caret: 9 });
    expect(withoutBreak({ text, caret: 8 }, 'Delete', ' ')).toEqual({ text: 'the tide turns', caret: 8 });
    expect(withoutBreak({ text: '海の\n風', caret: 3 }, 'Backspace', '')).toEqual({
      text: '海の風',
      caret: 2,
    });
    expect(withoutBreak({ text, caret: 4 }, 'Backspace', ' ')).toBeNull();
  });
});
