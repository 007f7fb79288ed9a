// @vitest-environment jsdom
import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Field } from '../ui/Field';
import { One, OneOf } from '../ui/OneOf';
import { expectField, keepsKey, keptBack, useKeyboard } from './keyboard';

const bench = vi.fn();
const taken = vi.fn();

/** The bench hears every key that no control keeps. */
const heard = (e: KeyboardEvent) => {
  if (['Tab', 'Control'].includes(e.key)) return;
  if (e.defaultPrevented || keepsKey(e.target as Element, e)) return;
  if (keptBack(e)) return e.preventDefault();
  bench((e.ctrlKey ? 'Ctrl ' : '') + e.key);
};

function Page({ children }: { children: React.ReactNode }) {
  useKeyboard();
  return <main>{children}</main>;
}

const settled = () => act(() => new Promise((done) => setTimeout(done, 5)));

beforeEach(() => {
  bench.mockClear();
  taken.mockClear();
  window.addEventListener('keydown', heard);
});
afterEach(() => {
  window.removeEventListener('keydown', heard);
  cleanup();
});

describe('what was clicked', () => {
  it.each(['button', 'checkbox', 'radio', 'slider', 'link'])('gives the keyboard back: %s', async (role) => {
    const clicked = vi.fn();
    render(
      <Page>
        <button onClick={clicked}>Join</button>
        <input type="checkbox" onChange={clicked} />
        <input type="range" onChange={clicked} />
        <a href="#there" onClick={clicked}>
          There
        </a>
        <OneOf label="Sits" value="FILL" onChange={clicked}>
          <One value="FIT">Fit</One>
        </OneOf>
      </Page>,
    );
    await userEvent.click(screen.getByRole(role));
    await settled();
    const before = clicked.mock.calls.length;
    await userEvent.keyboard(' {ArrowRight}{Control>}z{/Control}');
    expect(bench.mock.calls.flat()).toEqual([' ', 'ArrowRight', 'Ctrl z']);
    expect(clicked).toHaveBeenCalledTimes(before);
  });

  it('keeps it until it is dealt with: a text field, a list, a dialog', async () => {
    render(
      <Page>
        <input aria-label="Name" />
        <select aria-label="Size">
          <option>1</option>
          <option>2</option>
        </select>
        <div role="dialog">
          <button>Take</button>
        </div>
      </Page>,
    );
    for (const control of [
      screen.getByLabelText('Name'),
      screen.getByLabelText('Size'),
      screen.getByText('Take'),
    ]) {
      await userEvent.click(control);
      await settled();
      expect(document.activeElement).toBe(control);
    }
    await userEvent.selectOptions(screen.getByLabelText('Size'), '2');
    await settled();
    expect(document.activeElement).toBe(document.body);
  });
});

describe('what was reached by Tab', () => {
  it('and what a screen reader clicks keeps the focus', async () => {
    render(
      <Page>
        <button>Join</button>
      </Page>,
    );
    await userEvent.tab();
    fireEvent.click(screen.getByRole('button'));
    await settled();
    expect(document.activeElement).toBe(screen.getByRole('button'));
  });

  it('is worked by Space and Enter, and keeps the focus', async () => {
    const clicked = vi.fn();
    render(
      <Page>
        <button onClick={clicked}>Join</button>
      </Page>,
    );
    await userEvent.tab();
    await userEvent.keyboard(' {Enter}b');
    await settled();
    expect(clicked).toHaveBeenCalledTimes(2);
    expect(bench.mock.calls.flat()).toEqual(['b']);
    expect(document.activeElement).toBe(screen.getByRole('button'));
  });

  it('leaves a slider the arrows, and the bench the rest', async () => {
    render(
      <Page>
        <input type="range" />
      </Page>,
    );
    await userEvent.tab();
    await userEvent.keyboard('{ArrowRight} {Control>}z{/Control}');
    expect(bench.mock.calls.flat()).toEqual([' ', 'Ctrl z']);
  });
});

describe('a field', () => {
  function OneField({ value }: { value: string }) {
    return (
      <Page>
        <Field label="Size" shown={value} take={taken} />
      </Page>
    );
  }

  it('keeps on Enter and gives the keyboard back', async () => {
    render(<OneField value="88" />);
    await userEvent.click(screen.getByLabelText('Size'));
    await userEvent.keyboard('96{Enter}');
    await settled();
    await userEvent.keyboard('6');
    expect(taken).toHaveBeenCalledExactlyOnceWith('96');
    expect(bench.mock.calls.flat()).toEqual(['6']);
  });

  it('takes back on Escape and gives the keyboard back', async () => {
    render(<OneField value="88" />);
    await userEvent.click(screen.getByLabelText('Size'));
    await userEvent.keyboard('96{Escape}');
    await settled();
    expect(taken).not.toHaveBeenCalled();
    expect(screen.getByLabelText<HTMLInputElement>('Size').value).toBe('88');
    expect(document.activeElement).toBe(document.body);
  });

  it('takes a plain input back too', async () => {
    function Named() {
      const [name, setName] = useState('Mallet');
      return (
        <Page>
          <input
            aria-label="Name"
            value={name}
            onChange={(e) => setName(e.target.value)}
            onBlur={() => taken(name)}
          />
        </Page>
      );
    }
    render(<Named />);
    await userEvent.click(screen.getByLabelText('Name'));
    await userEvent.keyboard(' two{Escape}');
    await settled();
    expect(taken).toHaveBeenCalledExactlyOnceWith('Mallet');
  });

  it('lets the bench undo while it has nothing of its own to undo', async () => {
    render(<OneField value="88" />);
    await userEvent.click(screen.getByLabelText('Size'));
    await userEvent.keyboard('{Control>}z{/Control}9{Control>}z{/Control}');
    expect(bench.mock.calls.flat()).toEqual(['Ctrl z']);
  });

  it('is typed over after Enter where a dialog keeps the focus', async () => {
    render(
      <Page>
        <div role="dialog">
          <Field label="Colour" shown="#fbf7ee" take={taken} />
        </div>
      </Page>,
    );
    await userEvent.click(screen.getByLabelText('Colour'));
    await userEvent.keyboard('yelow{Enter}');
    await settled();
    await userEvent.keyboard('gold{Enter}');
    expect(taken.mock.calls).toEqual([['yelow'], ['gold']]);
  });

  it('says why a value was refused, until it is typed again', async () => {
    taken.mockReturnValueOnce('“abc” is not a number. It stays 88.');
    render(<OneField value="88" />);
    await userEvent.type(screen.getByLabelText('Size'), 'abc{Enter}');
    expect((await screen.findByRole('alert')).textContent).toContain('“abc” is not a number');
    await userEvent.type(screen.getByLabelText('Size'), '9');
    expect(screen.queryByRole('alert')).toBeNull();
  });
});

describe('letters after a field that closed by itself', () => {
  // Letters are kept back for 400 ms.
  afterEach(() => new Promise((done) => setTimeout(done, 420)));

  function Cue({ open }: { open: boolean }) {
    return <Page>{open ? <textarea aria-label="Text" autoFocus /> : null}</Page>;
  }

  it('are no commands', async () => {
    const { rerender } = render(<Cue open />);
    await userEvent.keyboard('row');
    rerender(<Cue open={false} />);
    await settled();
    await userEvent.keyboard('bn');
    expect(bench).not.toHaveBeenCalled();
  });

  it('are commands at once where Enter closed it', async () => {
    const { rerender } = render(<Cue open />);
    await userEvent.keyboard('row{Enter}');
    rerender(<Cue open={false} />);
    await settled();
    await userEvent.keyboard('b');
    expect(bench.mock.calls.flat()).toEqual(['b']);
  });

  it('wait for the field that is about to open', async () => {
    const insert = vi.fn();
    document.execCommand = insert;
    const { rerender } = render(<Cue open={false} />);
    expectField();
    await userEvent.keyboard('sa');
    rerender(<Cue open />);
    fireEvent.focusIn(screen.getByLabelText('Text'));
    await settled();
    expect(bench).not.toHaveBeenCalled();
    expect(insert).toHaveBeenCalledExactlyOnceWith('insertText', false, 'sa');
  });
});
