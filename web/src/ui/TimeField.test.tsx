// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { TimeField } from './TimeField';

afterEach(cleanup);

function time(ms: number) {
  const set = vi.fn();
  const onKey = vi.fn();
  render(
    <div onKeyDown={onKey}>
      <TimeField label="Start" ms={ms} set={set} />
    </div>,
  );
  return { set, onKey, field: screen.getByRole<HTMLInputElement>('textbox', { name: 'Start' }) };
}

async function typed(field: HTMLInputElement, text: string) {
  await userEvent.clear(field);
  await userEvent.type(field, text);
}

describe('a time', () => {
  it.each([
    ['0:06.5{Enter}', 6500],
    ['6.5{Enter}', 6500],
    ['30f{Enter}', 1000],
  ])('is typed as %s', async (text, ms) => {
    const { field, set } = time(6412);
    await typed(field, text);
    expect(set).toHaveBeenCalledExactlyOnceWith(ms);
  });

  it('that is none is marked, and changes nothing', async () => {
    const { field, set } = time(6412);
    await typed(field, 'soon');
    expect(field.getAttribute('aria-invalid')).toBe('true');
    await userEvent.tab();
    expect(set).not.toHaveBeenCalled();
    expect(field.value).toBe('0:06.412');
  });

  it('that was there already changes nothing', async () => {
    const { field, set } = time(6412);
    await typed(field, '0:06.412{Enter}');
    expect(set).not.toHaveBeenCalled();
  });

  it('keeps its keys from the bench', async () => {
    const { field, onKey } = time(0);
    await typed(field, '3 b{Escape}');
    expect(onKey).not.toHaveBeenCalled();
  });
});
