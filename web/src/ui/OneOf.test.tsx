// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { One, OneOf } from './OneOf';

afterEach(cleanup);

function sides() {
  const onChange = vi.fn();
  render(
    <OneOf label="Sits" value="FILL" onChange={onChange}>
      <One value="FILL">Fill</One>
      <One value="FIT">Fit</One>
    </OneOf>,
  );
  return onChange;
}

describe('one of several', () => {
  it('says which one is chosen', () => {
    sides();
    expect(screen.getByRole('radio', { name: 'Fill' }).getAttribute('aria-checked')).toBe('true');
    expect(screen.getByRole('radio', { name: 'Fit' }).getAttribute('aria-checked')).toBe('false');
  });

  it('tells what was chosen', async () => {
    const onChange = sides();
    await userEvent.click(screen.getByRole('radio', { name: 'Fit' }));
    expect(onChange).toHaveBeenCalledExactlyOnceWith('FIT');
  });

  /** An arrow key that was let go at once moved the focus and chose nothing. */
  it('is chosen by an arrow key, however short the touch', async () => {
    const onChange = sides();
    await userEvent.tab();
    fireEvent.keyDown(document.activeElement!, { key: 'ArrowDown' });
    fireEvent.keyUp(document.activeElement!, { key: 'ArrowDown' });
    await waitFor(() => expect(onChange).toHaveBeenCalledExactlyOnceWith('FIT'));
  });

  it('is chosen once while the key is held', async () => {
    const onChange = sides();
    await userEvent.tab();
    fireEvent.keyDown(document.activeElement!, { key: 'ArrowDown' });
    await waitFor(() => expect(document.activeElement?.textContent).toBe('Fit'));
    fireEvent.keyUp(document.activeElement!, { key: 'ArrowDown' });
    expect(onChange).toHaveBeenCalledExactlyOnceWith('FIT');
  });

  it('is not chosen by the Tab key', async () => {
    const onChange = sides();
    await userEvent.tab();
    await userEvent.tab();
    expect(onChange).not.toHaveBeenCalled();
  });
});
