// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import type { Cue } from '../api/types';
import { translate } from '../state/translating';
import { BesideLine } from './BesideLine';

const sent = vi.hoisted(() => [] as { cueId: number; text: string }[]);
vi.mock('../api/translations', () => ({
  useTranslationChange: () => ({ mutate: (edit: (typeof sent)[0]) => sent.push(edit) }),
}));
vi.mock('../api/queries', () => ({ useTrackNow: () => () => ({ cues: [{ id: 1 }, { id: 2 }] }) }));
afterEach(() => {
  cleanup();
  translate(null);
});

const line = (id: number) => (
  <BesideLine key={id} clipId="a" language="es" cue={{ id } as Cue} translated={undefined} />
);

it('goes on to the translation of the next cue on Ctrl Enter', async () => {
  render(
    <>
      {line(1)}
      {line(2)}
    </>,
  );
  await userEvent.click(screen.getAllByRole('button')[0]);
  await userEvent.keyboard('¡Un cangrejo!{Control>}{Enter}{/Control}');
  await userEvent.keyboard('Te saluda.{Enter}');
  expect(sent.map(({ cueId, text }) => [cueId, text])).toEqual([
    [1, '¡Un cangrejo!'],
    [2, 'Te saluda.'],
  ]);
  expect(screen.queryByRole('textbox')).toBeNull();
});
