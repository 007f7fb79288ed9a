import { describe, expect, it } from 'vitest';
import { comboOf, refusedCombo } from './combo';

const held = { ctrlKey: false, metaKey: false, altKey: false, shiftKey: false };

describe('keys', () => {
  it.each([
    [{ key: 'b' }, 'B'],
    [{ key: 'Z', ctrlKey: true, shiftKey: true }, 'Ctrl Shift Z'],
    [{ key: '?', shiftKey: true }, '?'],
    [{ key: '!', code: 'Digit1', shiftKey: true }, 'Shift 1'],
    [{ key: ' ' }, 'Space'],
    [{ key: 'ArrowLeft', shiftKey: true }, 'Shift ←'],
    [{ key: 'z', metaKey: true }, 'Ctrl Z'],
  ])('writes %j', (e, said) => expect(comboOf({ ...held, ...e })).toBe(said));

  it('leaves the browser its own', () => {
    expect(refusedCombo({ key: 't' }, 'Ctrl T')).toContain('belongs to the browser');
    expect(refusedCombo({ key: 'Shift' }, 'Shift')).toBe('');
    expect(refusedCombo({ key: 'b' }, 'B')).toBeNull();
  });
});
