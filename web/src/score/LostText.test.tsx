// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Clip, Edit, Track } from '../api/types';
import { holdDraft } from '../state/drafts';
import { useSelection } from '../state/selection';
import { LostText } from './LostText';

const server = vi.hoisted(() => ({ sent: [] as unknown[] }));

vi.mock('../api/changes', () => ({
  useChange: () => ({
    mutate: (edit: Edit, options: { onSuccess: () => void }) => {
      server.sent.push(edit);
      options.onSuccess();
    },
  }),
}));

const clip = { id: 'a' } as Clip;
const track = (...ids: number[]) => ({ cues: ids.map((id) => ({ id })) }) as unknown as Track;

beforeEach(() => {
  server.sent = [];
  sessionStorage.clear();
  holdDraft('a', 7, { base: 'row home', text: 'row home now', showMs: 1000, hideMs: 2500 });
  holdDraft('b', 9, { base: '', text: 'of another clip', showMs: 0, hideMs: 1 });
});
afterEach(cleanup);

it('shows what was typed in a cue that somebody took away, and makes a cue of it', async () => {
  useSelection.setState({ typing: { cueId: 7, wordId: null } });
  const { rerender } = render(<LostText clip={clip} track={track(6, 7)} />);
  expect(screen.queryByRole('alert')).toBeNull();
  expect(useSelection.getState().typing).not.toBeNull();
  rerender(<LostText clip={clip} track={track(6)} />);
  expect(useSelection.getState().typing).toBeNull();
  expect(screen.getByRole('alert').textContent).toContain('row home now');
  await userEvent.click(screen.getByRole('button', { name: 'Make a cue of it' }));
  expect(server.sent).toEqual([{ kind: 'addCue', fromMs: 1000, toMs: 2500, text: 'row home now' }]);
  expect(screen.queryByRole('alert')).toBeNull();
  expect(sessionStorage.getItem('typed a 7')).toBeNull();
  expect(sessionStorage.getItem('typed b 9')).not.toBeNull();
});

it('drops it when that is meant', async () => {
  render(<LostText clip={clip} track={track()} />);
  await userEvent.click(screen.getByRole('button', { name: 'Discard it' }));
  expect(screen.queryByRole('alert')).toBeNull();
  expect(sessionStorage.getItem('typed a 7')).toBeNull();
});
