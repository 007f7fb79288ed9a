// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { NumberControl } from './NumberControl';

afterEach(cleanup);

function control(props: Partial<Parameters<typeof NumberControl>[0]> = {}) {
  const onSoon = vi.fn();
  const onNow = vi.fn();
  const all = { label: 'Size', value: 100, least: 20, most: 300, step: 1, unit: 'px', onSoon, onNow };
  const shown = render(<NumberControl {...all} {...props} />);
  const again = (value: number) => shown.rerender(<NumberControl {...all} {...props} value={value} />);
  const field = screen.getByRole<HTMLInputElement>('textbox', { name: 'Size' });
  return { onSoon, onNow, field, again };
}

describe('a number', () => {
  it('is typed and taken with Enter, at once', async () => {
    const { field, onNow, onSoon } = control();
    await userEvent.clear(field);
    await userEvent.type(field, '101{Enter}');
    expect(onNow).toHaveBeenCalledExactlyOnceWith(101);
    expect(onSoon).not.toHaveBeenCalled();
  });

  it('is taken when the field is left, with a comma for a point', async () => {
    const { field, onNow } = control({ step: 0.1, value: 1 });
    await userEvent.clear(field);
    await userEvent.type(field, '20,5');
    await userEvent.tab();
    expect(onNow).toHaveBeenCalledExactlyOnceWith(20.5);
  });

  it('goes back to what it was with Escape', async () => {
    const { field, onNow } = control();
    await userEvent.clear(field);
    await userEvent.type(field, '7{Escape}');
    expect(field.value).toBe('100');
    expect(onNow).not.toHaveBeenCalled();
  });

  it('keeps within its limits', async () => {
    const { field, onNow } = control();
    await userEvent.clear(field);
    await userEvent.type(field, '9000{Enter}');
    expect(onNow).toHaveBeenCalledWith(300);
  });

  it('leaves an empty field as it was', async () => {
    const { field, onNow } = control();
    await userEvent.clear(field);
    await userEvent.type(field, '{Enter}');
    expect(onNow).not.toHaveBeenCalled();
    expect(field.value).toBe('100');
  });

  it('steps by the arrow keys, ten times as far with Shift, and is seen while it goes', async () => {
    const { field, onSoon, onNow } = control();
    await userEvent.type(field, '{ArrowUp}{ArrowUp}');
    expect(onSoon.mock.calls).toEqual([[101], [102]]);
    await userEvent.type(field, '{Shift>}{ArrowDown}{/Shift}');
    expect(onSoon).toHaveBeenLastCalledWith(92);
    expect(field.value).toBe('92');
    expect(onNow).not.toHaveBeenCalled();
  });

  it('shows parts of the frame as a share of a hundred', async () => {
    const { field, onNow } = control({ unit: 'of the frame', value: 0.25, least: 0, most: 1, step: 0.01 });
    expect(field.value).toBe('25');
    await userEvent.clear(field);
    await userEvent.type(field, '20{Enter}');
    expect(onNow).toHaveBeenCalledWith(0.2);
  });

  it('turns with the wheel only while its field is in the hand', () => {
    const { field, onSoon } = control();
    fireEvent.wheel(field, { deltaY: -1 });
    expect(onSoon).not.toHaveBeenCalled();
    field.focus();
    fireEvent.wheel(field, { deltaY: -1 });
    expect(onSoon).toHaveBeenCalledWith(101);
  });

  it('shows what comes back when the hand rests', async () => {
    const { field, again } = control();
    await userEvent.type(field, '{ArrowUp}');
    expect(field.value).toBe('101');
    again(150);
    expect(field.value).toBe('150');
  });
});
