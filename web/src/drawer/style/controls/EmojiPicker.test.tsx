// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, it, vi } from 'vitest';
import { EmojiPicker } from './EmojiPicker';

vi.mock('../../../api/emoji', () => ({
  drawingOf: (emoji: string) => `/${emoji}`,
  useEmoji: (search: string) => ({
    isPlaceholderData: false,
    data: [
      { emoji: '🦀', name: 'crab' },
      { emoji: '⚓', name: 'anchor' },
    ].filter(({ name }) => name.includes(search)),
  }),
}));
vi.mock('./StickerList', () => ({ StickerList: () => null }));
afterEach(cleanup);

it('takes the first hit on Enter, and nothing where there is none', async () => {
  const chosen = vi.fn();
  render(
    <EmojiPicker label="Emoji" language="en" className="" onChoose={chosen}>
      Choose
    </EmojiPicker>,
  );
  await userEvent.click(screen.getByRole('button'));
  await userEvent.type(screen.getByLabelText('Find an emoji'), 'walrus{Enter}');
  expect(chosen).not.toHaveBeenCalled();
  await userEvent.clear(screen.getByLabelText('Find an emoji'));
  await userEvent.type(screen.getByLabelText('Find an emoji'), 'an{Enter}');
  expect(chosen).toHaveBeenCalledExactlyOnceWith('⚓');
  expect(screen.queryByLabelText('Find an emoji')).toBeNull();
});
