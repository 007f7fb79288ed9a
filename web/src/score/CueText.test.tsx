// @vitest-environment jsdom
import { cleanup, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Refused } from '../api/http';
import type { Cue, Edit } from '../api/types';
import { useSelection } from '../state/selection';
import { CueText } from './CueText';

const server = vi.hoisted(() => ({ sent: [] as string[], refuse: null as Error | null }));

vi.mock('../api/changes', () => ({
  useChange: () => ({
    mutateAsync: async (edit: Edit) => {
      if (server.refuse) throw server.refuse;
      const { text, asLines } = edit as Extract<Edit, { kind: 'retypeCue' }>;
      server.sent.push(asLines ? `as lines: ${text}` : text);
      return { cues: [] };
    },
  }),
  useTrackNow: () => () => ({ cues: [] }),
}));

const cue = (text: string, lineStarts: number[] = []) =>
  ({
    id: 7,
    lineStarts,
    words: text.split(' ').map((word, i) => ({ id: i + 1, text: word, spaced: true })),
  }) as unknown as Cue;

const typing = { cueId: 7, wordId: null, caret: 'end' as const };

function opened(text: string, lineStarts: number[] = []) {
  useSelection.setState({ typing });
  const view = render(<CueText clipId="a" cue={cue(text, lineStarts)} typing={typing} />);
  return {
    field: () => screen.getByLabelText<HTMLTextAreaElement>('Text of this cue'),
    becomes: (now: string) => view.rerender(<CueText clipId="a" cue={cue(now)} typing={typing} />),
    close: () => view.unmount(),
  };
}

beforeEach(() => {
  Object.assign(server, { sent: [], refuse: null });
  sessionStorage.clear();
});
afterEach(cleanup);

describe('two browsers on one cue', () => {
  /** The words of the other were gone without a word. */
  it('shows both where somebody else has typed, and takes mine when that is meant', async () => {
    const user = userEvent.setup();
    const { field, becomes } = opened('row home');
    await user.type(field(), ' now');
    becomes('row back');
    await user.type(field(), '{Enter}');
    expect(server.sent).toEqual([]);
    expect(screen.getByRole('status').textContent).toContain('row back');
    expect(field().value).toBe('row home now');
    await user.type(field(), '{Enter}');
    expect(server.sent).toEqual(['row home now']);
    expect(useSelection.getState().typing).toBeNull();
  });

  it('leaves theirs on Escape', async () => {
    const user = userEvent.setup();
    const { field, becomes } = opened('row home');
    await user.type(field(), ' now');
    becomes('row back');
    await user.type(field(), '{Enter}{Escape}');
    expect(server.sent).toEqual([]);
    expect(sessionStorage.length).toBe(0);
  });

  /** An open field in which nothing had been typed took theirs back. */
  it('sends nothing where nothing was typed here', async () => {
    const user = userEvent.setup();
    const { field, becomes } = opened('row home');
    becomes('row back');
    await user.type(field(), '{Enter}');
    expect(server.sent).toEqual([]);
    expect(useSelection.getState().typing).toBeNull();
  });

  it('puts both together on Ctrl Enter, for the typist to look at', async () => {
    const asked: unknown[] = [];
    vi.stubGlobal('fetch', async (sent: Request) => {
      asked.push(await sent.json());
      return new Response(JSON.stringify({ text: 'row back now' }));
    });
    const user = userEvent.setup();
    const { field, becomes } = opened('row home');
    await user.type(field(), ' now');
    becomes('row back');
    await user.type(field(), '{Enter}');
    await user.type(field(), '{Control>}{Enter}{/Control}');
    await waitFor(() => expect(field().value).toBe('row back now'));
    expect(asked).toEqual([{ base: 'row home', mine: 'row home now', theirs: 'row back' }]);
    expect(server.sent).toEqual([]);
    await user.type(field(), '{Enter}');
    expect(server.sent).toEqual(['row back now']);
    vi.unstubAllGlobals();
  });

  it('opens again with what was typed where somebody was a moment earlier', async () => {
    const user = userEvent.setup();
    const { field, close } = opened('row home');
    server.refuse = new Refused(409, 'Someone else changed this clip meanwhile.');
    await user.type(field(), ' now{Enter}');
    await waitFor(() => expect(useSelection.getState().typing).not.toBeNull());
    close();
    server.refuse = null;
    const again = opened('row back');
    expect(again.field().value).toBe('row home now');
    expect(screen.getByRole('status').textContent).toContain('row back');
    await user.type(again.field(), '{Enter}');
    expect(server.sent).toEqual(['row home now']);
    expect(sessionStorage.length).toBe(0);
  });
});

it('keeps what is being typed through a page that is closed', async () => {
  const user = userEvent.setup();
  const { field, close } = opened('row home');
  await user.type(field(), ' at tide');
  cleanup();
  close();
  expect(sessionStorage.getItem('typed a 7')).toContain('row home at tide');
  expect(opened('row home').field().value).toBe('row home at tide');
});

describe('lines of a cue in its field', () => {
  it('are shown, and are not sent as breaks by hand where nobody broke them', async () => {
    const user = userEvent.setup();
    const { field } = opened('the tide turns at nine', [3]);
    expect(field().value).toBe('the tide turns\nat nine');
    expect(document.querySelector('[data-breaks]')?.getAttribute('data-breaks')).toBe('recipe');
    await user.type(field(), ' now{Enter}');
    expect(server.sent).toEqual(['the tide turns\nat nine now']);
  });

  it('are replaced by a typed one', async () => {
    const user = userEvent.setup();
    const { field } = opened('the tide turns at nine', [3]);
    field().setSelectionRange(9, 9);
    await user.keyboard('{Shift>}{Enter}{/Shift}');
    expect(field().value).toBe('the tide\nturns at nine');
    expect(document.querySelector('[data-breaks]')?.getAttribute('data-breaks')).toBe('hand');
    await user.keyboard('{Enter}');
    expect(server.sent).toEqual(['as lines: the tide\nturns at nine']);
  });

  it('go by Backspace, and nothing else does', async () => {
    const user = userEvent.setup();
    const { field } = opened('the tide turns', [2]);
    field().setSelectionRange(9, 9);
    await user.keyboard('{Backspace}{Enter}');
    expect(server.sent).toEqual(['as lines: the tide turns']);
  });

  it('are no change when nothing was typed', async () => {
    const user = userEvent.setup();
    const { field } = opened('the tide turns', [2]);
    await user.type(field(), '{Enter}');
    expect(server.sent).toEqual([]);
  });
});
