// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
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
});
