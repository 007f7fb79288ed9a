// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { TimeField } from './TimeField';

afterEach(cleanup);

function time(ms: number) {
  const set = vi.fn();
  render(<TimeField label="Start" ms={ms} set={set} />);
  return { set, field: screen.getByRole<HTMLInputElement>('textbox', { name: 'Start' }) };
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
    expect(screen.getByRole('alert').textContent).toBe('“soon” is not a time. It stays 0:06.412.');
  });

  it('of ninety-nine seconds is none', async () => {
    const { field, set } = time(6412);
    await typed(field, '0:99{Enter}');
    expect(set).not.toHaveBeenCalled();
    expect(screen.getByRole('alert').textContent).toContain('“0:99” is not a time');
  });

  it('says what became of it', async () => {
    const { field, set } = time(6412);
    set.mockResolvedValue('0:09.000 is beyond what is beside it: it is 0:08.200 now.');
    await typed(field, '0:09{Enter}');
    expect((await screen.findByRole('alert')).textContent).toContain('0:08.200 now');
  });

  it('that was there already changes nothing', async () => {
    const { field, set } = time(6412);
    await typed(field, '0:06.412{Enter}');
    expect(set).not.toHaveBeenCalled();
  });
});
